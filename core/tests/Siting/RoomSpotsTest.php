<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Siting;

use Kavvel\Core\Floorplan\Edit;
use Kavvel\Core\Floorplan\Edits\AddPoint;
use Kavvel\Core\Floorplan\Edits\AddRoom;
use Kavvel\Core\Floorplan\Edits\ChangeWall;
use Kavvel\Core\Floorplan\Edits\CutCorner;
use Kavvel\Core\Floorplan\Edits\PutOpening;
use Kavvel\Core\Floorplan\Measured;
use Kavvel\Core\Floorplan\OpeningKind;
use Kavvel\Core\Floorplan\Plan;
use Kavvel\Core\Floorplan\Shape;
use Kavvel\Core\Floorplan\Thing;
use Kavvel\Core\Site\Layer;
use Kavvel\Core\Site\SpotKind;
use Kavvel\Core\Siting\RoomOpening;
use Kavvel\Core\Siting\RoomSpots;
use Kavvel\Core\Tests\Floorplan\House;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class RoomSpotsTest extends TestCase
{
    /** A kitchen and a hall beside it: a door between them, the front door and two windows. */
    public static function house(): Plan
    {
        $plan = House::of('kitchen 4 x 3', 'hall 2 x 3');

        return House::after(
            $plan,
            self::opening($plan, 'wall between hall and kitchen', OpeningKind::Door, 0.4),
            self::opening($plan, 'outer wall of hall, right', OpeningKind::SteelDoor, 1.0),
            self::opening($plan, 'outer wall of kitchen, top', OpeningKind::Window, 0.5),
            self::opening($plan, 'outer wall of kitchen, left', OpeningKind::Window, 1.0),
        );
    }

    public static function opening(Plan $plan, string $wall, OpeningKind $kind, float $offset): Edit
    {
        return new PutOpening(House::wallCalled($plan, $wall)->key, $kind->at($offset, $kind->usualWidth()));
    }

    public function test_a_room_knows_its_openings_from_its_own_side(): void
    {
        $kitchen = RoomSpots::of(self::house(), 'kitchen');
        $hall = RoomSpots::of(self::house(), 'hall');

        self::assertCount(3, $kitchen->openings);
        self::assertCount(2, $kitchen->windows());
        self::assertSame([], $kitchen->outerDoors(), 'its only door leads into the hall');
        self::assertSame([], $hall->windows());
        self::assertCount(1, $hall->outerDoors());
        self::assertSame('steel door', $hall->outerDoors()[0]->opening->kind);
        $between = array_values(array_filter($kitchen->openings, static fn (RoomOpening $one): bool => $one->isDoor()))[0];
        self::assertSame('hall', $between->beyond?->key);
        self::assertFalse($between->leadsOut());
        self::assertTrue(self::house()->room('kitchen')->polygon()->contains(...$between->before()));
    }

    public function test_a_door_to_the_yard_leads_out_and_a_gap_is_no_door(): void
    {
        $plan = House::after(self::house(), new AddRoom(Measured::parse('yard 8 x 6'), 'ground'));
        $yard = $plan->room('yard')->row();
        $plan = Plan::of([...array_map(array_values(...), $plan->rows()), 'rooms' => [
            ...array_values(array_map(static fn ($room): array => $room->row(), array_diff_key($plan->rooms, ['yard' => true]))),
            [...$yard, 'kind' => 'yard', 'outline' => [[-2, -2], [20, -2], [20, 12], [-2, 12]]],
        ]]);
        $hall = RoomSpots::of($plan, 'hall');
        self::assertSame('yard', $hall->outerDoors()[0]->beyond?->key);

        $between = House::wallCalled($plan, 'wall between hall and kitchen');
        $open = House::after($plan, new PutOpening($between->key, OpeningKind::Gap->at(0.4, 0.9), 0));
        $spots = RoomSpots::of($open, 'kitchen');
        self::assertSame('gap', $spots->entrance()?->opening->kind, 'the way in, where there is no door');
        self::assertFalse($spots->entrance()->isDoor());
    }

    public function test_what_goes_to_an_opening_is_told_from_the_others_and_hangs_under_its_head(): void
    {
        $kitchen = RoomSpots::of(self::house(), 'kitchen');
        $hall = RoomSpots::of(self::house(), 'hall');

        $names = array_map(
            static fn (RoomOpening $one): string => $kitchen->atOpening(SpotKind::Window, $one)->called,
            $kitchen->windows(),
        );
        self::assertSame(['window 1', 'window 2'], $names);
        self::assertEqualsWithDelta(2.0, $kitchen->atOpening(SpotKind::Window, $kitchen->windows()[0])->place->z, 1e-9);
        self::assertSame('door', $hall->atOpening(SpotKind::Latch, $hall->outerDoors()[0])->called, 'the only one that leads out');
        self::assertEqualsWithDelta(1.05, $hall->atOpening(SpotKind::Latch, $hall->outerDoors()[0])->place->z, 1e-9);
    }

    public function test_the_way_in_is_from_outside_where_one_can(): void
    {
        self::assertSame('steel door', RoomSpots::of(self::house(), 'hall')->entrance()?->opening->kind);
        self::assertSame('door', RoomSpots::of(self::house(), 'kitchen')->entrance()?->opening->kind);
        self::assertNull(RoomSpots::of(House::of('kitchen 4 x 3'), 'kitchen')->entrance());
    }

    public function test_a_motion_sensor_hangs_in_the_corner_that_no_window_dazzles(): void
    {
        $spots = RoomSpots::of(self::house(), 'kitchen');
        $corner = $spots->at(SpotKind::Corner);

        [$left, $top, $right, $bottom] = $spots->room->polygon()->bounds();
        self::assertEqualsWithDelta([$right - 0.24, $bottom - 0.24, 2.2], [$corner->place->x, $corner->place->y, $corner->place->z], 1e-6);
    }

    public function test_a_thermostat_hangs_on_an_inside_wall_as_high_as_one_breathes(): void
    {
        $spots = RoomSpots::of(self::house(), 'kitchen');
        $wall = $spots->at(SpotKind::Wall);

        [, , $right, $bottom] = $spots->room->polygon()->bounds();
        self::assertEqualsWithDelta($right - 0.12, $wall->place->x, 1e-6, 'on the wall to the hall');
        self::assertGreaterThan($bottom - 0.8, $wall->place->y, 'as far from the door as that wall goes');
        self::assertEqualsWithDelta(1.5, $wall->place->z, 1e-9);
    }

    public function test_a_key_is_beside_the_door_and_a_valve_under_the_window(): void
    {
        $kitchen = RoomSpots::of(self::house(), 'kitchen');
        $door = $kitchen->entrance();
        $key = $kitchen->at(SpotKind::Entrance);
        $valve = $kitchen->at(SpotKind::Radiator);

        self::assertEqualsWithDelta(0.15, $door?->distanceTo([$key->place->x, $key->place->y]), 1e-6);
        self::assertTrue($kitchen->room->polygon()->contains($key->place->x, $key->place->y));
        self::assertSame($kitchen->windows()[0]->before(), [$valve->place->x, $valve->place->y]);
        self::assertEqualsWithDelta([1.1, 0.3], [$key->place->z, $valve->place->z], 1e-9);
    }

    public function test_a_plug_goes_to_the_first_socket_that_nothing_is_in(): void
    {
        $plan = House::after(
            self::house(),
            new AddPoint('ground', 1.0, 1.0, 0.3, ['purpose' => 'socket', 'mains' => true]),
            new AddPoint('ground', 2.0, 1.0, 0.3, ['purpose' => 'data', 'mains' => false]),
            new AddPoint('ground', 3.0, 1.0, 0.3, ['purpose' => 'socket', 'mains' => true]),
        );
        $first = RoomSpots::of($plan, 'kitchen')->at(SpotKind::Socket);
        self::assertSame([1.0, 1.0, 0.3], [$first->place->x, $first->place->y, $first->place->z]);
        self::assertNotNull($first->point);

        $used = $plan->withThing(new Thing('slots', 'plug', 'Plug', 'kitchen', [1.05, 1.0, 0.4]));
        self::assertSame(3.0, RoomSpots::of($used, 'kitchen')->at(SpotKind::Socket)->place->x);
        $all = $used->withThing(new Thing('slots', 'plug-2', 'Plug', 'kitchen', [3.0, 1.0, 0.3]));
        self::assertNull(RoomSpots::of($all, 'kitchen')->at(SpotKind::Socket)->point);
    }

    public function test_on_an_upper_storey_heights_begin_at_its_floor_and_a_room_of_its_own_height_has_its_own_ceiling(): void
    {
        $rows = array_map(array_values(...), House::of('kitchen 4 x 3, h 2.1')->rows());
        $rows['storeys'][0]['elevation'] = 3.0;
        $spots = RoomSpots::of(Plan::of($rows), 'kitchen');

        self::assertEqualsWithDelta(5.1, $spots->at(SpotKind::Ceiling)->place->z, 1e-9);
        self::assertEqualsWithDelta(4.5, $spots->at(SpotKind::Wall)->place->z, 1e-9);
    }

    public function test_one_more_goes_to_the_first_opening_that_has_none(): void
    {
        $plan = self::house();
        $first = RoomSpots::of($plan, 'kitchen')->usual(SpotKind::Window);
        self::assertSame('window 1', $first->called);
        $used = $plan->withThing(new Thing('slots', 's', 'One', 'kitchen', [$first->place->x, $first->place->y, $first->place->z]));
        self::assertSame('window 2', RoomSpots::of($used, 'kitchen')->usual(SpotKind::Window)->called);

        self::assertSame('door', RoomSpots::of($plan, 'kitchen')->usual(SpotKind::Latch)->called, 'its door leads into the hall');
        self::assertEquals(
            RoomSpots::of($plan, 'hall')->at(SpotKind::Window),
            RoomSpots::of($plan, 'hall')->usual(SpotKind::Window),
            'without a window, a free wall',
        );
        self::assertEquals(RoomSpots::of($plan, 'hall')->at(SpotKind::Corner), RoomSpots::of($plan, 'hall')->usual(SpotKind::Corner));
    }

    public function test_a_key_goes_to_the_side_of_the_door_where_the_wall_is_longer(): void
    {
        foreach ([[0.4, 0.4 + 0.9 + 0.15], [1.9, 1.9 - 0.15]] as [$offset, $expected]) {
            $plan = House::of('kitchen 4 x 3', 'hall 2 x 3');
            $plan = House::after($plan, self::opening($plan, 'wall between hall and kitchen', OpeningKind::Door, $offset));
            $wall = House::wallCalled($plan, 'wall between hall and kitchen');
            $key = RoomSpots::of($plan, 'kitchen')->at(SpotKind::Entrance)->place;
            self::assertEqualsWithDelta($expected, hypot($key->x - $wall->from[0], $key->y - $wall->from[1]), 0.05, "door at {$offset}");
        }
    }

    public function test_what_stands_before_an_opening_is_off_its_wall_however_thick(): void
    {
        $plan = House::of('kitchen 4 x 3');
        $wall = House::wallCalled($plan, 'outer wall of kitchen, top');
        $thick = House::after(
            $plan,
            new ChangeWall($wall->key, [new Layer('granite', 0.55)], $wall->label),
            new PutOpening($wall->key, OpeningKind::Window->at(1.0, 1.2)),
        );
        $drawn = $thick->wall($wall->key);
        [$x, $y] = RoomSpots::of($thick, 'kitchen')->windows()[0]->before();

        self::assertEqualsWithDelta(0.55 / 2 + 0.05, abs($drawn->line()->offOf([$x, $y])), 1e-6);
    }

    /** Two alike, one after the other: each has a place of its own. */
    public function test_no_two_devices_are_put_into_one_place(): void
    {
        foreach (SpotKind::cases() as $kind) {
            if ($kind === SpotKind::Radiator || $kind === SpotKind::Door || $kind === SpotKind::Window || $kind === SpotKind::Latch) {
                continue;
            }
            $plan = self::house();
            $places = [];
            for ($number = 0; $number < 3; $number++) {
                $place = RoomSpots::of($plan, 'kitchen')->at($kind)->place;
                foreach ($places as $other) {
                    self::assertGreaterThanOrEqual(RoomSpots::TAKEN_M - 1e-6, $place->distanceTo($other), "{$kind->value} {$number}");
                }
                $places[] = $place;
                $plan = $plan->withThing(new Thing('slots', "s{$number}", 'One', 'kitchen', [$place->x, $place->y, $place->z]));
            }
        }
    }

    public function test_what_is_high_above_or_far_below_takes_no_place(): void
    {
        $first = RoomSpots::of(self::house(), 'kitchen')->at(SpotKind::Wall)->place;
        foreach ([[0.31, true], [-0.31, true], [0.29, false], [-0.29, false]] as [$off, $isSame]) {
            $plan = self::house()->withThing(new Thing('slots', 's', 'One', 'kitchen', [$first->x, $first->y, $first->z + $off]));
            $second = RoomSpots::of($plan, 'kitchen')->at(SpotKind::Wall)->place;
            self::assertSame($isSame, $second->distanceTo($first) < 1e-9, (string) $off);
        }
    }

    /** A plan that was drawn the other way round is the same house. */
    public function test_whichever_way_an_outline_turns_what_hangs_on_a_wall_hangs_on_it(): void
    {
        foreach ([false, true] as $isTurned) {
            $rows = array_map(array_values(...), self::house()->rows());
            foreach ($rows['rooms'] as &$room) {
                $room['outline'] = $isTurned ? array_reverse($room['outline']) : $room['outline'];
            }
            $spots = RoomSpots::of(Plan::of($rows), 'kitchen');
            $place = $spots->at(SpotKind::Wall)->place;
            $away = min([INF, ...array_map(
                static fn (array $edge): float => Shape::distance([$place->x, $place->y], $edge[0], $edge[1]),
                Shape::edges($spots->room->outline),
            )]);
            self::assertEqualsWithDelta(0.12, $away, 1e-6);
            self::assertEqualsWithDelta($spots->room->polygon()->bounds()[2] - 0.12, $place->x, 1e-6, 'on the inside wall');
        }
    }

    public function test_whatever_the_room_every_spot_lies_in_it(): void
    {
        $chance = new Randomizer(new Mt19937(3));
        for ($try = 0; $try < 60; $try++) {
            $plan = House::of(sprintf('den %.1F x %.1F', $chance->getInt(8, 90) / 10, $chance->getInt(8, 90) / 10));
            if ($chance->getInt(0, 1) === 1) {
                $polygon = $plan->room('den')->polygon();
                [$left, $top, $right, $bottom] = $polygon->bounds();
                $plan = House::after($plan, new CutCorner('den', $chance->getInt(0, 3), ($right - $left) / 2, ($bottom - $top) / 3));
            }
            $spots = RoomSpots::of($plan, 'den');
            foreach (SpotKind::cases() as $kind) {
                $place = $spots->at($kind)->place;
                self::assertTrue($spots->room->polygon()->contains($place->x, $place->y), "{$kind->value} at {$place->x}, {$place->y}");
                self::assertLessThanOrEqual(2.4, $place->z);
            }
        }
    }
}
