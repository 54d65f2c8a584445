<?php

declare(strict_types=1);

namespace App\Plan\Layout;

/** How much room a line of text takes, estimated wide enough for the fonts that Kavvel ships. */
final readonly class TextSize
{
    /** Share of the font size for narrow, wide and other characters (measured on the shipped faces, rounded up) */
    private const NARROW = 0.32;

    private const WIDE = 0.86;

    private const OTHER = 0.57;

    public static function width(string $text, float $fontSize): float
    {
        $narrow = (int) preg_match_all('/[iljtfr.,:;\'|! ·()]/u', $text);
        $wide = (int) preg_match_all('/[mwMW@%—]/u', $text);
        $other = mb_strlen($text, 'UTF-8') - $narrow - $wide;

        return ($narrow * self::NARROW + $wide * self::WIDE + $other * self::OTHER) * $fontSize;
    }
}
