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

    /** What was heard alike, where two texts differ in a word or two: ": “light” like “lite”". */
    public static function difference(string $one, string $other): string
    {
        [$ones, $others] = [explode(' ', $one), explode(' ', $other)];
        $apart = array_keys(array_diff_assoc($ones, $others));
        if (count($ones) !== count($others) || $apart === [] || count($apart) > 2) {
            return '';
        }

        return ': '.implode(', ', array_map(static fn (int $at): string => "“{$ones[$at]}” like “{$others[$at]}”", $apart));
    }

    /** Whether two sounds, by their symbols, are taken for each other. */
    public static function areClose(string $one, string $other): bool
    {
        $bothLong = min(strlen($one), strlen($other)) >= self::LEAST_SYMBOLS;

        return $one !== '' && $other !== '' && ($one === $other || ($bothLong && levenshtein($one, $other) <= 1));
    }
}
