<?php

declare(strict_types=1);

namespace Kavvel\Core\Bridging;

use Kavvel\Core\Input\Input;
use Kavvel\Core\Input\InvalidInput;

/** The sheets of ecosystems and boxes in a file: “of” says of what each is. */
final readonly class SheetFile
{
    /**
     * Each is read as it will be used, so that a broken one names its path.
     *
     * @return array<string, array<string, array<array-key, mixed>>> as they stand, by what they are of and by key after a blank
     *
     * @throws InvalidInput
     */
    public static function read(Input $file): array
    {
        $sheets = [SheetKind::Ecosystem->value => [], SheetKind::Box->value => []];
        foreach ($file->find('bridgeSheets')?->items() ?? [] as $row) {
            $kind = SheetKind::of($row);
            $key = $kind->read($row)->key;
            if (isset($sheets[$kind->value][" {$key}"])) {
                throw InvalidInput::duplicateId($key, $row->get('key')->at);
            }
            $sheets[$kind->value][" {$key}"] = $row->properties();
        }

        return $sheets;
    }
}
