<?php

declare(strict_types=1);

namespace Kavvel\Core\Catalogue;

use Kavvel\Core\Input\Input;
use Kavvel\Core\Input\InvalidInput;

/** A catalogue in our own open format (docs/catalogue.schema.json): kinds of devices, each with all that is known of it. */
final readonly class CatalogueFile
{
    public const FORMAT = 'kavvel-catalogue';

    public const VERSION = 1;

    /**
     * Each entry is read as it will be used, so that a broken one names its path.
     *
     * @return list<array<array-key, mixed>>
     *
     * @throws InvalidInput
     */
    public static function parse(string $json): array
    {
        $file = Input::of(Input::arrays($json));
        $file->get('format')->word([self::FORMAT]);
        $file->get('version')->whole(self::VERSION, self::VERSION);
        $entries = [];
        foreach ($file->get('profiles')->items() as $entry) {
            $key = Profile::fromInput($entry)->key;
            if (isset($entries[$key])) {
                throw InvalidInput::duplicateId($key, $entry->get('key')->at);
            }
            $entries[$key] = $entry->properties();
        }

        return array_values($entries);
    }

    /** @param list<array<array-key, mixed>> $entries */
    public static function write(array $entries): string
    {
        return json_encode(
            ['format' => self::FORMAT, 'version' => self::VERSION, 'profiles' => $entries],
            JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR,
        );
    }
}
