<?php

declare(strict_types=1);

namespace Kavvel\Core\Naming;

/** How an English name sounds: its metaphone, with `ght` said as `t`. */
final readonly class Sound
{
    /** Shorter sounds are compared whole */
    private const LEAST_SYMBOLS = 4;

    private function __construct(public string $symbols) {}

    /** Null where English rules do not hold: a name with other letters. */
    public static function of(string $folded): ?self
    {
        if (preg_match('/^[a-z0-9 ]+$/', $folded) !== 1 || preg_match('/[a-z]/', $folded) !== 1) {
            return null;
        }

        return new self(metaphone(str_replace('ght', 't', $folded)));
    }

    /** Whether two sounds, by their symbols, are taken for each other. */
    public static function areClose(string $one, string $other): bool
    {
        $bothLong = min(strlen($one), strlen($other)) >= self::LEAST_SYMBOLS;

        return $one !== '' && $other !== '' && ($one === $other || ($bothLong && levenshtein($one, $other) <= 1));
    }
}
