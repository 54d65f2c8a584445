<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Floorplan;

use Kavvel\Core\Floorplan\Edits\AddRoom;
use Kavvel\Core\Floorplan\Edits\ChangeRoom;
use Kavvel\Core\Floorplan\FloorOutline;
use Kavvel\Core\Floorplan\Measured;
use Kavvel\Core\Floorplan\Plan;
use Kavvel\Core\Floorplan\RoomKind;
use Kavvel\Core\Site\Polygon;
use PHPUnit\Framework\TestCase;

final class FloorOutlineTest extends TestCase
{
    public function test_a_stair_in_the_middle_is_a_hole(): void
    {
        // Eight rooms round one: a ring.
        $plan = House::empty();
        foreach (range(0, 8) as $number) {
            $place = [(float) ($number % 3) * 2.12, (float) intdiv($number, 3) * 2.12];
            $plan = (new AddRoom(Measured::parse("room {$number} 2 x 2"), 'ground', place: $place))->apply($plan);
        }
        $plan = (new ChangeRoom('room-4', 'Stair', 'STR', RoomKind::Stair, null))->apply($plan);

        $this->checkArea($plan, 8 * 2.12 ** 2);
        self::assertFalse($this->covers($plan, 3.18, 3.18));
        self::assertTrue($this->covers($plan, 1.0, 3.18));
        self::assertTrue($this->covers($plan, 5.3, 5.3));
    }

    public function test_three_parts_that_lie_apart_are_one_outline(): void
    {
        $plan = House::empty();
        foreach ([[0.0, 0.0], [10.0, 0.0], [4.0, 9.0]] as $number => $place) {
            $plan = (new AddRoom(Measured::parse("room {$number} 2 x 2"), 'ground', place: $place))->apply($plan);
        }

        $this->checkArea($plan, 3 * 2.12 ** 2);
        self::assertSame([true, true, true, false], [
            $this->covers($plan, 1.0, 1.0), $this->covers($plan, 11.0, 1.0),
            $this->covers($plan, 5.0, 10.0), $this->covers($plan, 6.0, 5.0),
        ]);
    }

    public function test_without_a_room_that_has_a_floor_there_is_none(): void
    {
        self::assertSame([], FloorOutline::of([]));
        self::assertSame(
            [],
            FloorOutline::of((new AddRoom(
                Measured::parse('yard 4 x 4'),
                'ground',
                RoomKind::Yard,
            ))->apply(House::empty())->rooms),
        );
    }

    private function checkArea(Plan $plan, float $area): void
    {
        self::assertEqualsWithDelta($area, (new Polygon(FloorOutline::of($plan->rooms)))->area(), 0.001);
        self::assertSame(FloorOutline::of($plan->rooms), $plan->storey('ground')->outline);
    }

    private function covers(Plan $plan, float $x, float $y): bool
    {
        return (new Polygon(FloorOutline::of($plan->rooms)))->contains($x, $y);
    }
}
