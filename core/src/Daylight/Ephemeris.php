<?php

declare(strict_types=1);

namespace Kavvel\Core\Daylight;

/**
 * The sun by the low-accuracy formulas of the Astronomical Almanac, as NOAA publishes them: good to a minute of time
 * between 1901 and 2099.
 */
final readonly class Ephemeris
{
    private const CENTURY_DAYS = 36_525.0;

    /** Noon of 1 January 2000, in days of the Julian count */
    private const EPOCH = 2_451_545.0;

    private const UNIX_EPOCH = 2_440_587.5;

    private const DAY_SECONDS = 86_400.0;

    private function __construct(public float $declination, public float $equationMinutes) {}

    /** @param float $moment seconds since 1970, UTC */
    public static function at(float $moment): self
    {
        $century = ($moment / self::DAY_SECONDS + self::UNIX_EPOCH - self::EPOCH) / self::CENTURY_DAYS;
        $longitude = deg2rad(fmod(280.46646 + $century * (36000.76983 + $century * 0.0003032), 360.0));
        $anomaly = deg2rad(357.52911 + $century * (35999.05029 - 0.0001537 * $century));
        $eccentricity = 0.016708634 - $century * (0.000042037 + 0.0000001267 * $century);
        $centre = sin($anomaly) * (1.914602 - $century * (0.004817 + 0.000014 * $century))
            + sin(2 * $anomaly) * (0.019993 - 0.000101 * $century)
            + sin(3 * $anomaly) * 0.000289;
        $node = deg2rad(125.04 - 1934.136 * $century);
        $apparent = $longitude + deg2rad($centre - 0.00569 - 0.00478 * sin($node));
        $mean = 23.0 + (26.0 + (21.448 - $century * (46.815 + $century * (0.00059 - $century * 0.001813))) / 60.0) / 60.0;
        $obliquity = deg2rad($mean + 0.00256 * cos($node));
        $y = tan($obliquity / 2) ** 2;
        $equation = $y * sin(2 * $longitude) - 2 * $eccentricity * sin($anomaly)
            + 4 * $eccentricity * $y * sin($anomaly) * cos(2 * $longitude)
            - 0.5 * $y ** 2 * sin(4 * $longitude) - 1.25 * $eccentricity ** 2 * sin(2 * $anomaly);

        // The sky turns one degree in four minutes.
        return new self(asin(sin($obliquity) * sin($apparent)), 4.0 * rad2deg($equation));
    }
}
