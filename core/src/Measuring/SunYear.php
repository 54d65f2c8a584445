<?php

declare(strict_types=1);

namespace Kavvel\Core\Measuring;

use DateTimeImmutable;
use DateTimeZone;
use Kavvel\Core\Daylight\SunDay;
use Kavvel\Core\Daylight\SunPosition;

/** The longest day of a place, the shortest, and one between: the bounds of what the sun does at its windows. */
final readonly class SunYear
{
    private const DAYS = ['June' => '06-21', 'March' => '03-20', 'December' => '12-21'];

    /** @param list<array{string, SunDay, list<SunPosition>}> $days with where the sun stands each minute */
    private function __construct(private array $days) {}

    /** @param DateTimeZone $zone of its clocks */
    public static function of(float $latitude, float $longitude, int $year, DateTimeZone $zone): self
    {
        $days = [];
        foreach (self::DAYS as $called => $day) {
            $date = new DateTimeImmutable("{$year}-{$day} 12:00", $zone);
            $sun = new SunDay($latitude, $longitude, $date, intdiv($date->getOffset(), 60));
            $days[] = [$called, $sun, $sun->track()];
        }

        return new self($days);
    }

    /** @param float $bearing where the window looks, degrees clockwise from north */
    public function at(float $bearing): WindowSun
    {
        return new WindowSun($bearing, array_map(static fn (array $day): DayOfSun => new DayOfSun(
            $day[0],
            SunDay::spans($day[2], $bearing),
            $day[1]->sunrise(),
            $day[1]->sunset(),
        ), $this->days));
    }
}
