<?php

declare(strict_types=1);

namespace Kavvel\Core\Cli;

/** dB and dBm as they leave the core: two decimals, rounded at the very end. */
final readonly class Decibels
{
    public static function rounded(float $value): float
    {
        return round($value, 2) + 0.0;
    }
}
