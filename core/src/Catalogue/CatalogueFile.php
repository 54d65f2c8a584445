<?php

declare(strict_types=1);

namespace Kavvel\Core\Catalogue;

use Kavvel\Core\Input\Input;
use Kavvel\Core\Input\InvalidInput;

/**
 * The kinds of devices of a catalogue file (docs/catalogue.schema.json), each with all that is known of it. Version 2 has sheets of
 * ecosystems and boxes beside them.
 */
final readonly class CatalogueFile
{
    public const FORMAT = 'kavvel-catalogue';

    public const VERSION = 2;

    /**
     * Each entry is read as it will be used, so that a broken one names its path.
     *
     * @return list<array<array-key, mixed>>
     *
     * @throws InvalidInput
     */
    public static function parse(string $json): array
    {
        return self::profiles(self::open($json));
    }

    /** @throws InvalidInput */
    public static function open(string $json): Input
    {
        $file = Input::of(Input::arrays($json));
        $file->get('format')->word([self::FORMAT]);
        $file->get('version')->whole(1, self::VERSION);

        return $file;
    }

    /** @return list<array<array-key, mixed>> */
    public static function profiles(Input $file): array
    {
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

    /**
     * @param  list<array<array-key, mixed>>  $entries
     * @param  list<array<array-key, mixed>>  $sheets  of ecosystems and boxes
     */
    public static function write(array $entries, array $sheets = []): string
    {
        return json_encode(
            ['format' => self::FORMAT, 'version' => self::VERSION, 'profiles' => $entries, 'bridgeSheets' => $sheets],
            JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR,
        );
    }
}
