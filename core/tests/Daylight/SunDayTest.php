<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Daylight;

use DateTimeImmutable;
use Kavvel\Core\Daylight\SunDay;
use Kavvel\Core\Daylight\SunPosition;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class SunDayTest extends TestCase
{
    /** The almanac's own times, to the minute. */
    #[DataProvider('days')]
    public function test_sunrise_noon_and_sunset(
        float $latitude,
        float $longitude,
        string $date,
        int $offset,
        float $sunrise,
        float $noon,
        float $sunset,
    ): void {
        $day = new SunDay($latitude, $longitude, new DateTimeImmutable($date), $offset);

        self::assertEqualsWithDelta($sunrise, $day->sunrise(), 1.0);
        self::assertEqualsWithDelta($noon, $day->noon(), 1.0);
        self::assertEqualsWithDelta($sunset, $day->sunset(), 1.0);
        self::assertNull($day->always());
    }

    /** @return array<string, array{float, float, string, int, float, float, float}> */
    public static function days(): array
    {
        return [
            'equator, equinox' => [0.0, 0.0, '2026-03-20', 0, 364.0, 727.4, 790.8 + 300.0],
            'north, midsummer' => [57.1, -3.4, '2026-06-21', 60, 257.9, 795.4, 1332.9],
            'north, midwinter' => [57.1, -3.4, '2026-12-21', 0, 531.1, 731.7, 932.3],
            'south, summer' => [-33.9, 151.2, '2026-01-01', 660, 347.0, 778.6, 1210.1],
        ];
    }

    public function test_at_rise_and_set_its_upper_edge_is_on_the_horizon_and_at_noon_it_stands_highest(): void
    {
        $random = new Randomizer(new Mt19937(9));
        for ($try = 0; $try < 200; $try++) {
            $latitude = $random->getInt(-640, 640) / 10;
            $date = (new DateTimeImmutable('2026-01-01'))->modify('+'.$random->getInt(0, 3000).' days');
            $day = new SunDay($latitude, $random->getInt(-1800, 1800) / 10, $date, $random->getInt(-12, 14) * 60);
            foreach ([$day->sunrise(), $day->sunset()] as $edge) {
                self::assertNotNull($edge);
                self::assertEqualsWithDelta(-0.833, $day->position($edge)->elevation, 0.01);
            }
            $noon = $day->position($day->noon())->elevation;
            self::assertGreaterThan($day->position($day->noon() - 30)->elevation, $noon);
            self::assertGreaterThan($day->position($day->noon() + 30)->elevation, $noon);
        }
    }

    public function test_where_it_neither_rises_nor_sets_that_is_said(): void
    {
        foreach ([['2026-06-21', 'up'], ['2026-12-21', 'down']] as [$date, $word]) {
            foreach ([72.0, 90.0] as $latitude) {
                $day = new SunDay($latitude, 25.0, new DateTimeImmutable($date), 120);
                self::assertSame([null, null, $word], [$day->sunrise(), $day->sunset(), $day->always()]);
            }
        }
    }

    public function test_it_goes_from_east_over_south_to_west_and_over_north_beyond_the_equator(): void
    {
        $north = new SunDay(57.1, -3.4, new DateTimeImmutable('2026-09-22'), 60);
        self::assertEqualsWithDelta(180.0, $north->position($north->noon())->azimuth, 0.1);
        self::assertEqualsWithDelta(90.0, $north->position((float) $north->sunrise())->azimuth, 2.0);
        self::assertEqualsWithDelta(270.0, $north->position((float) $north->sunset())->azimuth, 2.0);
        $south = new SunDay(-33.9, 151.2, new DateTimeImmutable('2026-01-01'), 660);
        $noon = $south->position($south->noon())->azimuth;
        self::assertEqualsWithDelta(0.0, min($noon, 360.0 - $noon), 0.5);
    }

    public function test_the_angle_beside_a_direction_goes_the_short_way_round(): void
    {
        self::assertSame(20.0, (new SunPosition(350.0, 10.0))->besides(10.0));
        self::assertSame(20.0, (new SunPosition(10.0, 10.0))->besides(350.0));
        self::assertSame(180.0, (new SunPosition(0.0, 10.0))->besides(180.0));
        self::assertSame(0.0, (new SunPosition(0.0, 10.0))->besides(360.0));
    }

    public function test_glare_lasts_while_the_sun_is_up_and_before_the_window(): void
    {
        $day = new SunDay(57.1, -3.4, new DateTimeImmutable('2026-06-21'), 60);
        [[$first, $last]] = $day->glare(225.0);
        self::assertEqualsWithDelta(150.0, $day->position($first)->azimuth, 0.5);
        self::assertEqualsWithDelta(300.0, $day->position($last)->azimuth, 0.5);

        [[$first, $last]] = $day->glare(90.0);
        self::assertGreaterThan((float) $day->sunrise(), $first, 'geometric: without the bent light');
        self::assertLessThan($day->noon(), $last);
        self::assertCount(2, $day->glare(0.0), 'early and late');
        self::assertCount(0, (new SunDay(57.1, -3.4, new DateTimeImmutable('2026-12-21'), 0))->glare(0.0));
        self::assertCount(2, (new SunDay(72.0, 25.0, new DateTimeImmutable('2026-06-21'), 120))->glare(0.0), 'over midnight');
    }
}
