<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Site;

use Eris\Generators;
use Eris\TestTrait;
use Kavvel\Core\Radio\Clutter;
use Kavvel\Core\Radio\LinkBudget;
use Kavvel\Core\Radio\Transceiver;
use Kavvel\Core\Site\Building;
use Kavvel\Core\Site\Layer;
use Kavvel\Core\Site\Polygon;
use Kavvel\Core\Site\RoomSide;
use Kavvel\Core\Site\Vec3;
use Kavvel\Core\Site\WallSegment;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class RoomSideTest extends TestCase
{
    use TestTrait;

    /** A room of 4 m by 3 m, drawn to the middle of a thick wall along y = 0. */
    private const ROOM = [[0, 0], [4, 0], [4, 3], [0, 3]];

    /**
     * @param  array{float, float, float}  $device
     * @param  array{float, float}  $expected
     */
    #[DataProvider('devices')]
    public function test_a_device_in_a_wall_lies_a_hand_inside_its_own_room(array $device, array $expected): void
    {
        $place = $this->side()->place(new Vec3(...$device), new Polygon(self::ROOM));

        self::assertEqualsWithDelta([...$expected, $device[2]], [$place->x, $place->y, $place->z], 1e-9);
    }

    /** @return array<string, array{array{float, float, float}, array{float, float}}> */
    public static function devices(): array
    {
        return [
            'on the middle line' => [[2, 0, 1.1], [2, 0.05]],
            'on the far side of the middle' => [[2, -0.2, 1.1], [2, 0.05]],
            'a little inside' => [[2, 0.02, 1.1], [2, 0.05]],
            'in the near half of the wall' => [[2, 0.2, 1.1], [2, 0.2]],
            'free in the room' => [[2, 1.5, 1.1], [2, 1.5]],
            'behind the wall' => [[2, -0.4, 1.1], [2, -0.4]],
            'over the wall' => [[2, -0.1, 2.7], [2, -0.1]],
            'beyond its end' => [[-1.2, -0.1, 1.1], [-1.2, -0.1]],
        ];
    }

    public function test_in_a_corner_both_walls_count(): void
    {
        $side = new RoomSide([$this->wall([-1, 0], [5, 0]), $this->wall([0, -1], [0, 4])]);
        $place = $side->place(new Vec3(-0.1, 0.01, 1), new Polygon(self::ROOM));

        self::assertEqualsWithDelta([0.05, 0.05], [$place->x, $place->y], 1e-9);
    }

    public function test_a_room_drawn_to_the_face_of_its_wall_is_found_too(): void
    {
        $place = $this->side()->place(new Vec3(2, 0.1, 1), new Polygon([[0, 0.25], [4, 0.25], [4, 3], [0, 3]]));

        self::assertEqualsWithDelta(0.3, $place->y, 1e-9);
    }

    public function test_a_wall_between_two_rooms_puts_each_device_on_its_own_side(): void
    {
        $below = new Polygon([[0, -3], [4, -3], [4, 0], [0, 0]]);
        $switch = new Vec3(2, 0.0, 1.1);

        self::assertEqualsWithDelta(0.05, $this->side()->place($switch, new Polygon(self::ROOM))->y, 1e-9);
        self::assertEqualsWithDelta(-0.05, $this->side()->place($switch, $below)->y, 1e-9);
    }

    public function test_its_own_wall_never_costs_a_device_the_way_into_its_room(): void
    {
        $this->forAll(Generators::choose(1, 39), Generators::choose(-24, 24), Generators::choose(5, 29))
            ->then(function (int $x, int $off, int $inside): void {
                $building = new Building([$this->wall([-1, 0], [5, 0])], []);
                $device = (new RoomSide($building->walls))->place(new Vec3($x / 10, $off / 100, 1.1), new Polygon(self::ROOM));
                $radio = new Transceiver(2440, 8, -97);

                self::assertSame(
                    [],
                    (new LinkBudget($building, new Clutter))->forecast($device, new Vec3(2, $inside / 10, 1.2), $radio, $radio)->crossed,
                );
            });
    }

    private function side(): RoomSide
    {
        return new RoomSide([$this->wall([-1, 0], [5, 0])]);
    }

    /**
     * @param  array{float, float}  $from
     * @param  array{float, float}  $to
     */
    private function wall(array $from, array $to): WallSegment
    {
        return new WallSegment($from, $to, 0, 2.5, [new Layer('granite', 0.5)]);
    }
}
