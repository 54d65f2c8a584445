<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Heating;

use Kavvel\Core\Floorplan\Edits\AddRoom;
use Kavvel\Core\Floorplan\Measured;
use Kavvel\Core\Floorplan\OpeningKind;
use Kavvel\Core\Floorplan\Plan;
use Kavvel\Core\Heating\CentreMix;
use Kavvel\Core\Heating\HeatingZones;
use Kavvel\Core\Heating\HeatKind;
use Kavvel\Core\Heating\RoomHeating;
use Kavvel\Core\Heating\Zone;
use Kavvel\Core\Tests\Floorplan\House;
use Kavvel\Core\Tests\Siting\RoomSpotsTest;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class HeatingZonesTest extends TestCase
{
    public function test_a_room_with_a_door_is_a_zone_and_an_open_plan_is_one(): void
    {
        self::assertSame(['kitchen', 'hall', 'living'], self::told(self::house(OpeningKind::Door)));
        self::assertSame(['kitchen hall', 'living'], self::told(self::house(OpeningKind::Gap)));
        self::assertSame(['kitchen', 'hall', 'living'], self::told(self::house(OpeningKind::Window)), 'a window is no way');
    }

    public function test_an_open_plan_goes_through_a_room_that_is_not_heated(): void
    {
        $plan = self::house(OpeningKind::Gap, OpeningKind::Gap);
        $zones = HeatingZones::of($plan, [self::heating('kitchen', 2), self::heating('living', 3)]);

        self::assertSame(['kitchen living'], array_map(self::rooms(...), $zones));
        self::assertSame(5, $zones[0]->loops());
        self::assertSame('living', $zones[0]->thermostatRoom, 'the largest');
        self::assertTrue($plan->room('living')->polygon()->contains($zones[0]->thermostat->place->x, $zones[0]->thermostat->place->y));
        self::assertSame('wall between hall and living', $zones[0]->wall);
        self::assertSame([], HeatingZones::of($plan, [self::heating('gone')]));
    }

    public function test_where_nothing_may_show_the_thermostat_is_a_remote_sensor(): void
    {
        $plan = self::house(OpeningKind::Gap);
        $hidden = new RoomHeating('hall', HeatKind::Floor, 1, hidesThermostat: true);

        self::assertTrue(HeatingZones::of($plan, [self::heating('kitchen'), $hidden])[0]->isRemoteSensor);
        self::assertFalse(HeatingZones::of($plan, [self::heating('kitchen')])[0]->isRemoteSensor);
    }

    public function test_the_cautions_of_each_kind_of_heating(): void
    {
        $cautions = static fn (RoomHeating ...$rooms): string => implode(' ', HeatingZones::of(
            self::house(OpeningKind::Gap),
            array_values($rooms),
        )[0]->cautions);

        self::assertStringContainsString('floor limit', $cautions(self::heating('kitchen')));
        self::assertStringContainsString('No valve on the radiator', $cautions(new RoomHeating('kitchen', HeatKind::Radiators, 2)));
        self::assertStringContainsString('two zones', $cautions(self::heating('kitchen'), new RoomHeating('hall', HeatKind::Radiators, 1)));
        self::assertStringContainsString('contactor', $cautions(new RoomHeating('kitchen', HeatKind::Electric, 0, 2000.0)));
        self::assertSame('', $cautions(new RoomHeating('kitchen', HeatKind::Electric, 0, 1999.0)));
    }

    public function test_electric_heating_alone_needs_no_wiring_centre(): void
    {
        $plan = self::house(OpeningKind::Door);

        self::assertFalse(HeatingZones::of($plan, [new RoomHeating('kitchen', HeatKind::Electric, 0, 900.0)])[0]->isWater());
        self::assertTrue(HeatingZones::of($plan, [self::heating('kitchen')])[0]->isWater());
    }

    /** @param array{int, int, int} $mix small, large, spare */
    #[DataProvider('mixes')]
    public function test_the_cheapest_mix_of_wiring_centres(int $zones, float $small, float $large, array $mix): void
    {
        $of = CentreMix::of($zones, $small, $large);

        self::assertSame($mix, [$of->small, $of->large, $of->spare]);
        self::assertEqualsWithDelta($mix[0] * $small + $mix[1] * $large, $of->cost, 1e-9);
    }

    /** @return array<string, array{int, float, float, array{int, int, int}}> */
    public static function mixes(): array
    {
        return [
            'none' => [0, 50, 80, [0, 0, 0]], 'one' => [1, 50, 80, [1, 0, 3]], 'four' => [4, 50, 80, [1, 0, 0]],
            'five: a large one is cheaper than two' => [5, 50, 80, [0, 1, 3]],
            'five: two small ones are cheaper' => [5, 50, 120, [2, 0, 3]],
            'as dear: the fewer boxes' => [8, 50, 100, [0, 1, 0]], 'twelve' => [12, 50, 80, [1, 1, 0]],
            'a large one for the price of a small one' => [3, 50, 50, [1, 0, 1]],
        ];
    }

    public function test_no_mix_is_cheaper(): void
    {
        $chance = new Randomizer(new Mt19937(4));
        for ($try = 0; $try < 100; $try++) {
            [$zones, $small, $large] = [$chance->getInt(1, 40), $chance->getInt(1, 99), $chance->getInt(1, 199)];
            $costs = [INF];
            for ($fours = 0; $fours <= 10; $fours++) {
                for ($eights = 0; $eights <= 5; $eights++) {
                    if ($fours * 4 + $eights * 8 >= $zones) {
                        $costs[] = $fours * $small + $eights * $large;
                    }
                }
            }
            self::assertEqualsWithDelta(min($costs), CentreMix::of($zones, $small, $large)->cost, 1e-9);
        }
    }

    /** Three rooms in a row: what opens the first to the second, and the second to the third. */
    private static function house(OpeningKind $first, OpeningKind $second = OpeningKind::Door): Plan
    {
        $plan = House::after(House::of('kitchen 4 x 3', 'hall 2 x 3'), new AddRoom(Measured::parse('living 5 x 3'), 'ground'));

        return House::after(
            $plan,
            RoomSpotsTest::opening($plan, 'wall between hall and kitchen', $first, 0.5),
            RoomSpotsTest::opening($plan, 'wall between hall and living', $second, 0.5),
        );
    }

    private static function heating(string $room, int $loops = 1): RoomHeating
    {
        return new RoomHeating($room, HeatKind::Floor, $loops);
    }

    /** @return list<string> */
    private static function told(Plan $plan): array
    {
        return array_map(self::rooms(...), HeatingZones::of($plan, [
            self::heating('kitchen'), self::heating('hall'), self::heating('living'),
        ]));
    }

    private static function rooms(Zone $zone): string
    {
        return implode(' ', array_map(static fn (RoomHeating $one): string => $one->room, $zone->rooms));
    }
}
