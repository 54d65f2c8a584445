<?php

declare(strict_types=1);

namespace Kavvel\Core\Plan;

/** How much room a line of text takes, estimated wide enough for the fonts that Kavvel ships. */
final readonly class TextSize
{
    /** Share of the font size for narrow, wide and other characters (measured on the shipped faces, rounded up) */
    private const NARROW = 0.32;

    private const WIDE = 0.86;

    private const OTHER = 0.57;

    public static function width(string $text, float $fontSize): float
    {
        $width = 0.0;
        foreach (mb_str_split($text, 1, 'UTF-8') as $letter) {
            $width += match (true) {
                str_contains("iljtfr.,:;'|! ·()", $letter) => self::NARROW,
                str_contains('mwMW@%—', $letter) => self::WIDE,
                default => self::OTHER,
            };
        }

        return $width * $fontSize;
    }
}
