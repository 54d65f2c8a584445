<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\JobFile;

use Kavvel\Core\Input\InvalidInput;
use Kavvel\Core\JobFile\JobFile;

/** A house of the demo, changed, and where it is refused. */
trait RefusesFiles
{
    /** @return array<string, mixed> */
    private static function house(string $name): array
    {
        return json_decode((string) file_get_contents(__DIR__."/../../../database/demo/{$name}.json"), true);
    }

    /**
     * @param  array<string, mixed>  $data
     * @return string|null where; null: it is taken
     */
    private static function refusal(array $data): ?string
    {
        try {
            JobFile::parse((string) json_encode($data));

            return null;
        } catch (InvalidInput $refused) {
            return $refused->at;
        }
    }
}
