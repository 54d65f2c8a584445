<?php

declare(strict_types=1);

namespace Kavvel\Core\Bus;

/** Which planned device a control point is by its name. */
final readonly class PointGuess
{
    /**
     * The one whose title has every word of the name; null where none has, or more than one.
     *
     * @param  array<string, string>  $titles  of planned devices, with their rooms, by key
     */
    public static function of(string $name, array $titles): ?string
    {
        $wanted = self::words($name);
        $found = array_filter($titles, static fn (string $title): bool => array_diff($wanted, self::words($title)) === []);

        return $wanted !== [] && count($found) === 1 ? (string) array_key_first($found) : null;
    }

    /** @return list<string> */
    private static function words(string $text): array
    {
        preg_match_all('/[\p{L}\p{N}]+/u', mb_strtolower($text), $found);

        return $found[0];
    }
}
