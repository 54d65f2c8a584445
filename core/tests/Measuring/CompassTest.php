<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Measuring;

use DateTimeZone;
use Kavvel\Core\Measuring\Compass;
use Kavvel\Core\Measuring\DayOfSun;
use Kavvel\Core\Measuring\SunYear;
use Kavvel\Core\Measuring\WindowSun;
use Kavvel\Core\Siting\RoomOpening;
use Kavvel\Core\Siting\RoomSpots;
use Kavvel\Core\Tests\Siting\RoomSpotsTest;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class CompassTest extends TestCase
{
    public function test_windows_look_where_the_plan_is_turned(): void
    {
        [$top, $left] = self::windows();

        self::assertEqualsWithDelta(0.0, (new Compass(0.0))->bearing($top), 1e-9);
        self::assertEqualsWithDelta(270.0, (new Compass(0.0))->bearing($left), 1e-9);
        self::assertEqualsWithDelta(30.0, (new Compass(30.0))->bearing($top), 1e-9);
        self::assertEqualsWithDelta(10.0, (new Compass(100.0))->bearing($left), 1e-9);
        $door = RoomSpots::of(RoomSpotsTest::house(), 'hall')->outerDoors()[0];
        self::assertEqualsWithDelta(90.0, (new Compass(0.0))->bearing($door), 1e-9, 'the hall’s door is on the right');
    }

    public function test_one_bearing_that_was_measured_turns_the_whole_plan(): void
    {
        [$top, $left] = self::windows();
        $up = Compass::upFrom($left, 200.0);

        self::assertEqualsWithDelta(200.0, (new Compass($up))->bearing($left), 1e-9);
        self::assertEqualsWithDelta(290.0, (new Compass($up))->bearing($top), 1e-9);
        self::assertEqualsWithDelta(350.0, Compass::upFrom($top, 350.0), 1e-9);
    }

    public function test_several_readings_come_to_one_and_a_needle_that_is_off_is_told(): void
    {
        [$top, $left] = self::windows();
        self::assertNull(Compass::fromReadings([]));
        // One says that the plan looks to 350 degrees, one to 10: north lies between.
        $compass = Compass::fromReadings([[$top, 350.0], [$left, 280.0]]);
        self::assertEqualsWithDelta(0.0, min($compass->up ?? 99.0, 360.0 - ($compass->up ?? 0.0)), 1e-6);
        self::assertEqualsWithDelta(200.0, Compass::fromReadings([[$top, 200.0]])->up ?? 0.0, 1e-6);
        self::assertLessThan(360.0, Compass::fromReadings([[$top, 200.0]])->up ?? 0.0);

        $plan = new Compass(10.0);
        self::assertEqualsWithDelta(5.0, $plan->off($top, 15.0), 1e-9);
        self::assertEqualsWithDelta(20.0, $plan->off($top, 350.0), 1e-9, 'the short way round');
        self::assertEqualsWithDelta(180.0, $plan->off($top, 190.0), 1e-9);
    }

    public function test_left_and_right_are_as_seen_from_inside(): void
    {
        [$top, $left] = self::windows();

        self::assertLessThan($top->side(false)[0], $top->side(true)[0], 'at the top, left is left');
        self::assertGreaterThan($left->side(false)[1], $left->side(true)[1], 'on the left, left is below');
    }

    /** @return iterable<string, array{float, string}> */
    public static function directions(): iterable
    {
        yield 'north' => [359.0, 'north'];
        yield 'north again' => [22.0, 'north'];
        yield 'north-east' => [23.0, 'north-east'];
        yield 'south' => [180.0, 'south'];
        yield 'west' => [270.0, 'west'];
        yield 'north-west' => [337.0, 'north-west'];
    }

    #[DataProvider('directions')]
    public function test_directions_have_their_names(float $bearing, string $name): void
    {
        self::assertSame($name, (new WindowSun($bearing, []))->looks());
    }

    public function test_a_year_has_its_longest_and_its_shortest_day(): void
    {
        $year = SunYear::of(53.4, -2.2, 2026, new DateTimeZone('Europe/London'));
        $south = $year->at(180.0);
        self::assertSame(['June', 'March', 'December'], array_map(static fn (DayOfSun $one): string => $one->called, $south->days));
        [$june, , $december] = $south->days;
        // 21 June, clocks an hour ahead: sunset at about 21:42. 21 December: at about 15:50.
        self::assertEqualsWithDelta(21 * 60 + 42, $june->sunset, 3.0);
        self::assertEqualsWithDelta(15 * 60 + 50, $december->sunset, 3.0);
        self::assertCount(1, $december->glare);
        self::assertTrue($south->hasGlare());

        $north = $year->at(0.0);
        self::assertCount(2, $north->days[0]->glare, 'in June it comes in early and late');
        self::assertSame([], $north->days[2]->glare);
        self::assertFalse((new WindowSun(0.0, [$north->days[2]]))->hasGlare());
    }

    /** @return array{RoomOpening, RoomOpening} at the top and on the left of the kitchen */
    private static function windows(): array
    {
        $windows = RoomSpots::of(RoomSpotsTest::house(), 'kitchen')->windows();
        usort($windows, static fn (RoomOpening $a, RoomOpening $b): int => $a->before()[1] <=> $b->before()[1]);

        return [$windows[0], $windows[1]];
    }
}
