<?php

declare(strict_types=1);

namespace Kavvel\Core\Daylight;

/** Where the sun stands, without refraction: azimuth clockwise from north, elevation over the horizon, in degrees. */
final readonly class SunPosition
{
    public function __construct(public float $azimuth, public float $elevation) {}

    /** How far to the side of a direction it stands, 0 to 180 degrees. */
    public function besides(float $degrees): float
    {
        $apart = fmod(abs($this->azimuth - $degrees), 360.0);

        return min($apart, 360.0 - $apart);
    }
}
