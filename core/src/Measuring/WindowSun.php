<?php

declare(strict_types=1);

namespace Kavvel\Core\Measuring;

/** When the sun shines into a window, and from when on one can look in, over a year. */
final readonly class WindowSun
{
    /** @param list<DayOfSun> $days */
    public function __construct(public float $bearing, public array $days) {}

    /** "south-west" */
    public function looks(): string
    {
        $names = ['north', 'north-east', 'east', 'south-east', 'south', 'south-west', 'west', 'north-west'];

        return $names[(int) round($this->bearing / 45.0) % 8];
    }

    /** Whether the sun shines in on any of the days. */
    public function hasGlare(): bool
    {
        return array_filter($this->days, static fn (DayOfSun $one): bool => $one->glare !== []) !== [];
    }
}
