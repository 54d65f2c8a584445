<?php

declare(strict_types=1);

namespace Kavvel\Core\Bus;

/** An address that a wired bus speaks to: three levels, two, or a plain number, in 16 bits. */
final readonly class GroupAddress
{
    private const MOST = 65_535;

    private const MAIN = 31;

    private const MIDDLE = 7;

    private const BELOW_MIDDLE = 255;

    private const BELOW_MAIN = 2047;

    private function __construct(public string $text, public int $number) {}

    /** Null where it is none: 0 speaks to all. */
    public static function of(string $text): ?self
    {
        $levels = explode('/', trim($text));
        foreach ($levels as $level) {
            if (preg_match('/^\d{1,5}$/', $level) !== 1) {
                return null;
            }
        }
        $number = match (count($levels)) {
            1 => (int) $levels[0],
            2 => self::within((int) $levels[0], self::MAIN) && self::within((int) $levels[1], self::BELOW_MAIN)
                ? ((int) $levels[0] << 11) + (int) $levels[1] : 0,
            3 => self::within((int) $levels[0], self::MAIN) && self::within((int) $levels[1], self::MIDDLE)
                && self::within((int) $levels[2], self::BELOW_MIDDLE)
                ? ((int) $levels[0] << 11) + ((int) $levels[1] << 8) + (int) $levels[2] : 0,
            default => 0,
        };

        return $number < 1 || $number > self::MOST ? null : new self(implode('/', array_map(intval(...), $levels)), $number);
    }

    private static function within(int $level, int $most): bool
    {
        return $level <= $most;
    }
}
