<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Questions;

use Kavvel\Core\Floorplan\OpeningKind;
use Kavvel\Core\Floorplan\Shape;
use Kavvel\Core\Floorplan\Thing;
use Kavvel\Core\Questions\Treated;
use Kavvel\Core\Questions\Treatment;
use Kavvel\Core\Questions\UnlikeNeighbours;
use Kavvel\Core\Siting\RoomSpots;
use Kavvel\Core\Tests\Floorplan\House;
use Kavvel\Core\Tests\Siting\RoomSpotsTest;
use Kavvel\Core\Tests\Wants\Shelf;
use PHPUnit\Framework\TestCase;

final class UnlikeNeighboursTest extends TestCase
{
    public function test_a_window_without_the_blind_of_its_neighbour_is_asked_about(): void
    {
        $plan = RoomSpotsTest::house();
        [$first, $second] = RoomSpots::of($plan, 'kitchen')->windows();
        $unlike = UnlikeNeighbours::of($plan, [new Treated(Treatment::Blind, 'kitchen', $first->before())]);

        self::assertCount(1, $unlike);
        self::assertSame($second->id, $unlike[0]->opening->id);
        self::assertSame("blind kitchen {$second->id}", $unlike[0]->key());
        self::assertSame(
            'Kitchen, window 2: no blind, and one of its neighbours has one.',
            $unlike[0]->words('Kitchen'),
        );
    }

    public function test_where_none_or_all_have_it_nobody_is_asked(): void
    {
        $plan = RoomSpotsTest::house();
        $all = array_map(
            static fn ($one): Treated => new Treated(Treatment::Blind, 'kitchen', $one->before()),
            RoomSpots::of($plan, 'kitchen')->windows(),
        );

        self::assertSame([], UnlikeNeighbours::of($plan, []));
        self::assertSame([], UnlikeNeighbours::of($plan, $all));
    }

    public function test_a_blind_belongs_to_the_nearest_opening_within_reach(): void
    {
        $plan = RoomSpotsTest::house();
        [$first, $second] = RoomSpots::of($plan, 'kitchen')->windows();
        $with = static fn (float $x, float $y): array => UnlikeNeighbours::of(
            $plan,
            [new Treated(Treatment::Blind, 'kitchen', [$x, $y])],
        );

        self::assertSame($second->id, $with(...$first->beside(0.5))[0]->opening->id);
        self::assertSame([], $with(...Shape::inside($plan->room('kitchen')->outline)), 'in the middle of the room it belongs to no window');
        self::assertSame([], UnlikeNeighbours::of($plan, [new Treated(Treatment::Blind, 'hall', $first->before())]), 'of another room');
    }

    public function test_outer_doors_are_neighbours_on_a_storey_and_each_treatment_counts_alone(): void
    {
        $plan = RoomSpotsTest::house();
        $plan = House::after($plan, RoomSpotsTest::opening($plan, 'outer wall of kitchen, bottom', OpeningKind::Door, 1.0));
        [$front] = RoomSpots::of($plan, 'hall')->outerDoors();
        $unlike = UnlikeNeighbours::of($plan, [new Treated(Treatment::Contact, 'hall', $front->before())]);

        self::assertSame(['kitchen'], array_map(static fn (UnlikeNeighbours $one): string => $one->room, $unlike));
        self::assertSame('Kitchen, door: no contact, and one of its neighbours has one.', $unlike[0]->words('Kitchen'));
    }

    public function test_devices_and_points_tell_what_they_treat(): void
    {
        $point = static fn (string $purpose): ?Treated => Treated::byPoint(
            new Thing('points', 'p', 'p', 'hall', [1.0, 2.0, 0.3], ['purpose' => $purpose]),
        );

        self::assertSame(Treatment::Blind, $point('Blind')?->treatment);
        self::assertSame([1.0, 2.0], $point('blind')?->place);
        self::assertNull($point('data'));
        $device = static fn (string $can): ?Treated => Treated::byDevice(
            Shelf::profile('d', ['capabilities' => [$can]]),
            'hall',
            [0.0, 0.0],
        );
        self::assertSame(Treatment::Contact, $device('contact')?->treatment);
        self::assertSame(Treatment::Blind, $device('cover')?->treatment);
        self::assertNull($device('on-off'));
    }
}
