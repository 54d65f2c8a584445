<?php

declare(strict_types=1);

namespace Kavvel\Core\Van;

use Kavvel\Core\Catalogue\StepMinutes;

/** What is done to a device on site, in order. */
enum Stage: string
{
    case Fit = 'fit';
    case Pair = 'pair';
    case Name = 'name';
    case Prove = 'prove';

    public function minutesOf(StepMinutes $minutes): int
    {
        return match ($this) {
            self::Fit => $minutes->fit,
            self::Pair => $minutes->pair,
            self::Name => $minutes->name,
            self::Prove => $minutes->prove,
        };
    }
}
