<?php

declare(strict_types=1);

namespace Kavvel\Core\Daylight;

/** Where the sun stands, without refraction: azimuth clockwise from north, elevation over the horizon, in degrees. */
final readonly class SunPosition
{
    public function __construct(public float $azimuth, public float $elevation) {}

    /**
     * How far to the side it stands, 0 to 180 degrees.
     *
     * @param  float  $degrees  a direction, 0 to 360 clockwise from north
     */
    public function besides(float $degrees): float
    {
        $apart = abs($this->azimuth - $degrees);

        return min($apart, 360.0 - $apart);
    }
}
