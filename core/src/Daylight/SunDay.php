<?php

declare(strict_types=1);

namespace Kavvel\Core\Daylight;

use DateTimeImmutable;

/** The sun over one place on one day. Times are minutes of that day by the local clock. */
final readonly class SunDay
{
    public const MINUTES = 1440;

    /** The upper edge of the sun on the horizon, bent by the air, in degrees */
    private const RISE_DEGREES = -0.833;

    private const MINUTES_A_DEGREE = 4.0;

    /** The sun moves on until it has risen: this often its place is looked up anew */
    private const ROUNDS = 5;

    /** Beside the outward normal of a window the sun still shines in (assumption) */
    private const GLARE_DEGREES = 75.0;

    private float $midnight;

    /**
     * @param  float  $latitude  degrees, north is positive
     * @param  float  $longitude  degrees, east is positive
     * @param  int  $offsetMinutes  of the local clock from UTC
     */
    public function __construct(private float $latitude, private float $longitude, DateTimeImmutable $date, private int $offsetMinutes)
    {
        $this->midnight = (float) gmmktime(0, 0, 0, (int) $date->format('n'), (int) $date->format('j'), (int) $date->format('Y'))
            - 60.0 * $offsetMinutes;
    }

    public function noon(): float
    {
        $noon = self::MINUTES / 2.0;
        for ($round = 0; $round < self::ROUNDS; $round++) {
            $noon = $this->culmination($this->ephemeris($noon));
        }

        return $noon;
    }

    /** Null where the sun does not rise on that day. */
    public function sunrise(): ?float
    {
        return $this->passage(-1);
    }

    public function sunset(): ?float
    {
        return $this->passage(1);
    }

    /** "up" or "down" where it stays there all day. */
    public function always(): ?string
    {
        return match ($this->hourAngle($this->ephemeris($this->noon()))) {
            INF => 'up',
            -INF => 'down',
            default => null,
        };
    }

    public function position(float $minute): SunPosition
    {
        $sun = $this->ephemeris($minute);
        $latitude = deg2rad($this->latitude);
        $hour = deg2rad(($minute - $this->culmination($sun)) / self::MINUTES_A_DEGREE);
        $elevation = asin(
            min(1.0, max(-1.0, sin($latitude) * sin($sun->declination) + cos($latitude) * cos($sun->declination) * cos($hour))),
        );
        // From the south, westward: it holds at the poles too.
        $azimuth = atan2(
            sin($hour) * cos($sun->declination),
            cos($hour) * cos($sun->declination) * sin($latitude) - sin($sun->declination) * cos($latitude),
        );

        return new SunPosition(fmod(rad2deg($azimuth) + 540.0, 360.0), rad2deg($elevation));
    }

    /**
     * When the sun shines into a window.
     *
     * @param  float  $window  its outward normal, degrees clockwise from north
     * @return list<array{int, int}> first and last minute of each span
     */
    public function glare(float $window): array
    {
        return self::spans($this->track(), $window);
    }

    /** @return list<SunPosition> where it stands, each minute of the day */
    public function track(): array
    {
        return array_map($this->position(...), range(0, self::MINUTES - 1));
    }

    /**
     * When a sun that goes this way shines into a window.
     *
     * @param  list<SunPosition>  $track  where it stands, each minute
     * @param  float  $window  its outward normal, degrees clockwise from north
     * @return list<array{int, int}> first and last minute of each span
     */
    public static function spans(array $track, float $window): array
    {
        $spans = [];
        $first = null;
        foreach ($track as $minute => $sun) {
            if ($sun->elevation > 0.0 && $sun->besides($window) < self::GLARE_DEGREES) {
                $first ??= $minute;
            } elseif ($first !== null) {
                $spans[] = [$first, $minute - 1];
                $first = null;
            }
        }

        return $first === null ? $spans : [...$spans, [$first, count($track) - 1]];
    }

    private function passage(int $side): ?float
    {
        $minute = $this->noon();
        for ($round = 0; $round < self::ROUNDS; $round++) {
            $sun = $this->ephemeris($minute);
            $hour = $this->hourAngle($sun);
            if (is_infinite($hour)) {
                return null;
            }
            $minute = $this->culmination($sun) + $side * self::MINUTES_A_DEGREE * $hour;
        }

        return $minute;
    }

    /** Degrees between noon and the passage of the horizon; INF where the sun stays over it, -INF where under it. */
    private function hourAngle(Ephemeris $sun): float
    {
        $latitude = deg2rad($this->latitude);
        $above = sin(deg2rad(self::RISE_DEGREES)) - sin($latitude) * sin($sun->declination);
        $swing = cos($latitude) * cos($sun->declination);

        return match (true) {
            $above <= -$swing => INF,
            $above >= $swing => -INF,
            default => rad2deg(acos($above / $swing)),
        };
    }

    private function culmination(Ephemeris $sun): float
    {
        return self::MINUTES / 2.0 - self::MINUTES_A_DEGREE * $this->longitude - $sun->equationMinutes + $this->offsetMinutes;
    }

    private function ephemeris(float $minute): Ephemeris
    {
        return Ephemeris::at($this->midnight + 60.0 * $minute);
    }
}
