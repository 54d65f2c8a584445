<?php

declare(strict_types=1);

namespace Kavvel\Core\Measuring;

/** One thing that was held against the sheet. */
final readonly class FitFinding
{
    public function __construct(public Fit $fit, public string $words) {}

    /**
     * What was measured against what the sheet takes.
     *
     * @param  string  $what  "The door", "The backset"
     * @param  array{float, float}  $span  least and most
     */
    public static function within(string $what, ?float $measured, array $span, string $unit): self
    {
        [$least, $most] = $span;
        $takes = self::plain($least).' to '.self::plain($most);

        return new self(match (true) {
            $measured === null => Fit::Unmeasured,
            $measured >= $least && $measured <= $most => Fit::Fits,
            default => Fit::No,
        }, sprintf('%s %s, it takes %s %s', $what, self::said($measured, $unit), $takes, $unit));
    }

    public static function atLeast(string $what, ?float $measured, float $least, string $unit): self
    {
        return new self(match (true) {
            $measured === null => Fit::Unmeasured,
            $measured >= $least => Fit::Fits,
            default => Fit::No,
        }, sprintf('%s %s, it needs %s %s', $what, self::said($measured, $unit), self::plain($least), $unit));
    }

    public static function atMost(string $what, ?float $measured, float $most, string $unit): self
    {
        return new self(match (true) {
            $measured === null => Fit::Unmeasured,
            $measured <= $most => Fit::Fits,
            default => Fit::No,
        }, sprintf('%s %s, it takes %s %s', $what, self::said($measured, $unit), self::plain($most), $unit));
    }

    private static function said(?float $measured, string $unit): string
    {
        return $measured === null ? 'not measured' : self::plain($measured)." {$unit}";
    }

    private static function plain(float $number): string
    {
        return rtrim(rtrim(number_format($number, 2, '.', ''), '0'), '.');
    }
}
