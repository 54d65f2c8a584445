<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Cabling;

use Kavvel\Core\Cabling\CableKind;
use Kavvel\Core\Cabling\DrawnWays;
use Kavvel\Core\Cabling\Drum;
use Kavvel\Core\Cabling\HouseCables;
use Kavvel\Core\Cabling\PointLabels;
use Kavvel\Core\Cabling\PointPurpose;
use Kavvel\Core\Cabling\WiredPoint;
use Kavvel\Core\Floorplan\Edits\AddDuct;
use Kavvel\Core\Floorplan\Edits\AddPoint;
use Kavvel\Core\Floorplan\Edits\AddRoom;
use Kavvel\Core\Floorplan\Edits\AddStorey;
use Kavvel\Core\Floorplan\Edits\ChangePoint;
use Kavvel\Core\Floorplan\Edits\RemovePoint;
use Kavvel\Core\Floorplan\FloorKind;
use Kavvel\Core\Floorplan\Measured;
use Kavvel\Core\Floorplan\Plan;
use Kavvel\Core\Site\Vec3;
use Kavvel\Core\Tests\Floorplan\House;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class HouseCablesTest extends TestCase
{
    public function test_without_a_rack_there_is_no_schedule_and_points_are_listed_all_the_same(): void
    {
        $cables = HouseCables::of(self::with(self::house(), ['data', 1, 1], ['socket', 2, 1]));

        self::assertNull($cables->schedule);
        self::assertSame(['0-KIT-01'], self::labels($cables), 'no cable comes to a socket');
        self::assertSame([2, 1], [$cables->rack->dataPorts, $cables->rack->panels]);
    }

    public function test_where_no_way_is_drawn_it_is_reckoned_along_the_walls(): void
    {
        $cables = HouseCables::of(self::with(self::house(), ['rack', 1, 1], ['camera', 4, 3]));

        self::assertEqualsWithDelta(ceil((3 + 2) * 11 + 40) / 10, $cables->lengthM($cables->points[0]), 1e-9);
        self::assertSame([$cables->points[0]->key => false], $cables->drawn);
    }

    public function test_each_point_has_its_own_length_and_all_are_cut_from_the_smallest_drum_that_does(): void
    {
        $cables = HouseCables::of(self::with(self::house(), ['rack', 1, 1], ['data', 2, 1], ['data', 3, 1]));

        self::assertSame([5.1, 6.2], array_map($cables->lengthM(...), $cables->points), 'of either of its two');
        self::assertSame([100.0], array_map(static fn (Drum $one): float => $one->sizeM, $cables->schedule->drums ?? []));
        self::assertCount(4, $cables->schedule->runs ?? []);
    }

    public function test_a_way_through_a_duct_turns_at_its_corners(): void
    {
        $plan = House::of('hall 6 x 6');
        $plan = House::after($plan, AddDuct::along('Duct', '1,1 5,5', 'ground', 1.0, $plan));
        $route = DrawnWays::of($plan)->route(new Vec3(1, 1, 1), 'ground', new Vec3(5, 5, 1), 'ground') ?? [];
        $last = array_map(static fn (Vec3 $one): array => [$one->x, $one->y, $one->z], $route);

        self::assertContains([1.0, 1.0, 1.0], $last);
        self::assertSame([5.0, 5.0, 1.0], $last[array_key_last($last) ?? 0]);
    }

    public function test_a_duct_is_taken_where_it_is_the_shorter_way(): void
    {
        $plan = self::with(self::house(), ['rack', 0.5, 0.5], ['camera', 5.5, 2.5]);
        $shortcut = House::after($plan, AddDuct::along('Duct', '0.5,0.5 5.5,2.5', 'ground', 0.4, $plan));
        $detour = House::after($plan, AddDuct::along('Duct', '0.5,2.9 5.5,2.9', 'ground', 2.3, $plan));

        $cables = HouseCables::of($shortcut);
        self::assertEqualsWithDelta(ceil(hypot(5, 2) * 11 + 40) / 10, $cables->lengthM($cables->points[0]), 1e-9);
        self::assertSame([true], array_values($cables->drawn));
        self::assertSame([false], array_values(HouseCables::of($detour)->drawn));
    }

    public function test_from_storey_to_storey_a_cable_takes_the_riser_however_far(): void
    {
        $plan = self::upper(self::with(self::house(), ['rack', 0.5, 0.5]));
        $above = House::after($plan, new AddPoint('first', 0.5, 0.6, 0.4, ['purpose' => 'camera']));
        $straight = HouseCables::of($above);
        $riser = HouseCables::of(House::after($above, AddDuct::riser('Riser', 3.5, 0.5, 'ground', 'first', $above)));

        self::assertLessThan(9, $straight->lengthM($straight->points[0]), 'reckoned: up through the floor');
        self::assertGreaterThan(12, $riser->lengthM($riser->points[0]), 'three metres there and three back');
        self::assertTrue($riser->drawn[$riser->points[0]->key]);
    }

    public function test_a_riser_is_entered_on_every_storey_that_it_passes(): void
    {
        $plan = self::upper(self::with(self::house(), ['rack', 0.5, 0.5]));
        $plan = House::after($plan, new AddStorey('Second', 'above', 2.4, FloorKind::Timber));
        $plan = House::after($plan, new AddRoom(Measured::parse('attic 6 x 3'), 'second'));
        $plan = House::after($plan, AddDuct::riser('Riser', 3.5, 0.5, 'ground', 'second', $plan));
        $plan = House::after($plan, new AddPoint('first', 3.5, 0.6, 0.0, ['purpose' => 'camera']));
        $cables = HouseCables::of($plan);

        $up = $plan->storey('first')->elevation;
        $way = 3.0 + 0.4 + $up + 0.1;
        self::assertEqualsWithDelta($way * 1.1 + 4, $cables->lengthM($cables->points[0]), 0.11, 'not up to the attic and down again');
    }

    /** However many ducts are drawn: no way is longer than the reckoned one on a storey, and what is promised adds up. */
    public function test_on_one_storey_a_drawn_way_is_never_longer_than_the_reckoned(): void
    {
        $chance = new Randomizer(new Mt19937(8));
        $at = static fn (): float => $chance->getInt(2, 58) / 10;
        $drawn = 0;
        for ($try = 0; $try < 60; $try++) {
            $plan = House::of('hall 6 x 6');
            for ($duct = 0; $duct < 3; $duct++) {
                $path = implode(' ', array_map(static fn (): string => "{$at()},{$at()}", range(1, 3)));
                $plan = House::after($plan, AddDuct::along('Duct', $path, 'ground', 1.0, $plan));
            }
            [$from, $to] = [new Vec3($at(), $at(), 1.0), new Vec3($at(), $at(), 1.0)];
            $route = DrawnWays::of($plan)->route($from, 'ground', $to, 'ground');
            $metres = 0.0;
            $before = $from;
            foreach ([...$route ?? [], $to] as $place) {
                $metres += $before->distanceTo($place);
                $before = $place;
            }
            $reckoned = abs($from->x - $to->x) + abs($from->y - $to->y);
            if ($route !== null) {
                $drawn++;
                self::assertLessThanOrEqual($reckoned + 1e-6, $metres);
            }
        }
        self::assertGreaterThan(5, $drawn);
    }

    public function test_labels_are_of_storey_and_room_and_what_was_written_on_a_cable_stays(): void
    {
        $plan = self::with(self::house(), ['data', 1, 1], ['data', 2, 1], ['data', 5, 1]);
        $keys = array_keys(PointLabels::of($plan));
        self::assertSame(['0-KIT-01', '0-KIT-02', '0-HAL-01'], array_values(PointLabels::of($plan)));

        $written = House::after($plan, new ChangePoint($keys[1], ['label' => '0-KIT-01']));
        self::assertSame(['0-KIT-02', '0-KIT-01', '0-HAL-01'], array_values(PointLabels::of($written)));
        $fewer = House::after($plan, new RemovePoint($keys[0]));
        self::assertSame(['0-KIT-02', '0-HAL-01'], array_values(PointLabels::of($fewer)), 'others keep theirs');
        $twice = House::after($written, new ChangePoint($keys[0], ['label' => '0-KIT-01']));
        self::assertCount(3, array_unique(PointLabels::of($twice)));
    }

    public function test_a_point_says_its_own_cables_where_they_are_not_the_usual(): void
    {
        $plan = self::with(self::house(), ['blind', 1, 1]);
        $key = array_key_first(PointLabels::of($plan));
        $told = static function (array $facts) use ($plan, $key): ?array {
            $point = WiredPoint::of(House::after($plan, new ChangePoint((string) $key, $facts))->thing('points', (string) $key), 'x');

            return $point === null ? null : [$point->cable, $point->count];
        };

        self::assertSame([CableKind::Feed, 1], $told([]));
        self::assertSame([CableKind::Bus, 3], $told(['cable' => 'bus', 'count' => 3]));
        self::assertNull($told(['cable' => 'none']), 'none comes to it');
        self::assertNull($told(['count' => 0]));
        self::assertSame([CableKind::Data, 2], $told(['purpose' => 'data', 'mains' => null]));
        self::assertSame([CableKind::Bus, 1], $told(['purpose' => 'letter box', 'cable' => 'bus']), 'one, where nothing is usual');
    }

    public function test_the_rack_has_room_power_and_a_fifth_to_spare(): void
    {
        $rack = static fn (int $cameras): array => (static fn ($rack): array => [
            $rack->dataPorts, $rack->panels, $rack->units, round($rack->feedsW), round($rack->powerW), round($rack->heatW),
        ])(HouseCables::of(self::with(self::house(), ...array_fill(0, $cameras, ['camera', 1, 1])))->rack);

        self::assertSame([0, 0, 0, 0.0, 0.0, 0.0], $rack(0));
        self::assertSame([20, 1, 8, 180.0, 267.0, 87.0], $rack(20), '24 ports with a fifth to spare');
        self::assertSame([21, 2, 10, 189.0, 297.0, 108.0], $rack(21));
    }

    public function test_a_run_longer_than_any_drum_is_said(): void
    {
        $plan = House::after(House::of('hall 6 x 6'), new AddRoom(Measured::parse('barn 30 x 30'), 'ground'));
        $rows = array_map(array_values(...), self::with($plan, ['rack', 1, 1], ['camera', 5, 1])->rows());
        foreach ($rows['points'] as &$point) {
            $point['position'][0] += ($point['facts']['purpose'] === 'camera' ? 400 : 0);
        }
        $cables = HouseCables::of(Plan::of($rows));

        self::assertNull($cables->schedule);
        self::assertStringContainsString('the largest drum has 305 m', (string) $cables->tooLong);
    }

    public function test_every_purpose_with_a_cable_has_one_at_least(): void
    {
        foreach (PointPurpose::cases() as $purpose) {
            self::assertGreaterThan(0, $purpose->count());
            self::assertSame($purpose === PointPurpose::Rack, $purpose->cable() === null);
            self::assertTrue($purpose->watts() === 0.0 || $purpose->cable() === CableKind::Data, 'power comes over data cables');
        }
    }

    private static function house(): Plan
    {
        return House::of('kitchen 4 x 3', 'hall 2 x 3');
    }

    /** @param array{string, float|int, float|int} ...$points purpose and place */
    private static function with(Plan $plan, array ...$points): Plan
    {
        return House::after($plan, ...array_map(
            static fn (array $one): AddPoint => new AddPoint('ground', $one[1], $one[2], 0.4, ['purpose' => $one[0], 'mains' => false]),
            array_values($points),
        ));
    }

    private static function upper(Plan $plan): Plan
    {
        return House::after(
            House::after($plan, new AddStorey('First', 'above', 2.4, FloorKind::Timber)),
            new AddRoom(Measured::parse('loft 6 x 3'), 'first'),
        );
    }

    /** @return list<string> */
    private static function labels(HouseCables $cables): array
    {
        return array_map(static fn (WiredPoint $one): string => $one->label, $cables->points);
    }
}
