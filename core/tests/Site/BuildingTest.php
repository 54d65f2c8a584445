<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Site;

use Kavvel\Core\Site\Building;
use Kavvel\Core\Site\Crossing;
use Kavvel\Core\Site\Floor;
use Kavvel\Core\Site\Layer;
use Kavvel\Core\Site\Opening;
use Kavvel\Core\Site\Polygon;
use Kavvel\Core\Site\Vec3;
use Kavvel\Core\Site\Wall;
use Kavvel\Core\Site\WallSegment;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class BuildingTest extends TestCase
{
    private const BRICK = [['brick', 0.1]];

    /**
     * @param  array{float, float, float}  $from
     * @param  array{float, float, float}  $to
     */
    #[DataProvider('rays')]
    public function test_a_wall_is_crossed_where_the_ray_meets_it(array $from, array $to, int $expected): void
    {
        $building = new Building([$this->wall([2, 0], [2, 4], 0, 2.5)], []);

        self::assertCount($expected, $building->crossings(new Vec3(...$from), new Vec3(...$to)));
    }

    /** @return array<string, array{array{float, float, float}, array{float, float, float}, int}> */
    public static function rays(): array
    {
        return [
            'straight through' => [[0, 1, 1], [4, 1, 1], 1],
            'beside it' => [[0, 5, 1], [4, 5, 1], 0],
            'over it' => [[0, 1, 2.6], [4, 1, 2.6], 0],
            'at its top' => [[0, 1, 2.5], [4, 1, 2.5], 1],
            'rising over it before it is reached' => [[0, 1, 2.0], [4, 1, 4.0], 0],
            'ends on it' => [[0, 1, 1], [2, 1, 1], 0],
            'starts on it' => [[2, 1, 1], [4, 1, 1], 0],
            'along it' => [[2, -1, 1], [2, 9, 1], 0],
            'stops before it' => [[0, 1, 1], [1.9, 1, 1], 0],
            'through its end' => [[0, 4, 1], [4, 4, 1], 1],
            'straight down' => [[2, 1, 2], [2, 1, 1], 0],
        ];
    }

    public function test_a_ray_through_the_joint_of_two_walls_pays_both(): void
    {
        $building = new Building([$this->wall([2, 0], [2, 2], 0, 2.5), $this->wall([2, 2], [2, 4], 0, 2.5)], []);

        self::assertCount(2, $building->crossings(new Vec3(0, 2, 1), new Vec3(4, 2, 1)));
    }

    public function test_the_angle_counts_in_space(): void
    {
        $building = new Building([$this->wall([2, -50], [2, 50], 0, 9)], []);
        $cosine = static fn (Vec3 $to): float => $building->crossings(new Vec3(0, 0, 1), $to)[0]->cosine;

        self::assertEqualsWithDelta(1.0, $cosine(new Vec3(4, 0, 1)), 1e-9);
        self::assertEqualsWithDelta(sqrt(0.5), $cosine(new Vec3(4, 4, 1)), 1e-9);
        self::assertEqualsWithDelta(sqrt(0.5), $cosine(new Vec3(4, 0, 5)), 1e-9);
    }

    public function test_a_floor_is_crossed_inside_its_outline_only(): void
    {
        $building = new Building([], [new Floor(2.5, [[0, 0], [4, 0], [4, 4], [0, 4]], [new Layer('wood', 0.03)])]);

        self::assertCount(1, $building->crossings(new Vec3(1, 1, 1), new Vec3(1, 1, 4)));
        self::assertCount(0, $building->crossings(new Vec3(5, 1, 1), new Vec3(5, 1, 4)));
        self::assertCount(0, $building->crossings(new Vec3(1, 1, 1), new Vec3(3, 3, 2.5)), 'it ends on the floor');
        self::assertCount(0, $building->crossings(new Vec3(1, 1, 1), new Vec3(3, 3, 1)), 'it stays below');
    }

    public function test_openings_cut_a_wall_into_parts_that_cover_it_once(): void
    {
        $wall = new Wall([0, 0], [6, 0], 0, 2.5, [new Layer('granite', 0.5)], [
            new Opening('window', 3.5, 1.0, 0.9, 2.1, [new Layer('glass', 0.006)]),
            new Opening('door', 1.0, 0.9, 0.0, 2.0, [new Layer('wood', 0.04)]),
        ], 'south wall');
        $segments = $wall->segments();
        $area = array_sum(array_map(static fn (WallSegment $part): float => $part->length() * ($part->top - $part->bottom), $segments));

        self::assertEqualsWithDelta(6 * 2.5, $area, 1e-9);
        self::assertSame(['door in south wall', 'window in south wall'], array_values(array_map(
            static fn (WallSegment $part): string => $part->label,
            array_filter($segments, static fn (WallSegment $part): bool => $part->opening !== null),
        )));
    }

    public function test_a_point_of_a_wall_is_measured_from_its_first_end(): void
    {
        $wall = new Wall([1, 2], [4, 6], 0, 2.5, [], []);

        self::assertEqualsWithDelta([1.0, 2.0], $wall->pointAt(0), 1e-9);
        self::assertEqualsWithDelta([1.6, 2.8], $wall->pointAt(1), 1e-9);
        self::assertEqualsWithDelta([4.0, 6.0], $wall->pointAt(5), 1e-9);
    }

    public function test_a_ray_through_a_door_pays_the_door_and_not_the_wall(): void
    {
        $wall = new Wall(
            [0, 0],
            [6, 0],
            0,
            2.5,
            [new Layer('granite', 0.5)],
            [new Opening('door', 1.0, 0.9, 0.0, 2.0, [new Layer('wood', 0.04)])],
            'wall',
        );
        $building = new Building($wall->segments(), []);
        $labels = static fn (float $x, float $z): array => array_map(
            static fn (Crossing $crossing): string => $crossing->part->label,
            $building->crossings(new Vec3($x, -1, $z), new Vec3($x, 1, $z)),
        );

        self::assertSame(['door in wall'], $labels(1.4, 1.0));
        self::assertSame(['wall'], $labels(1.4, 2.2));
        self::assertSame(['wall'], $labels(3.0, 1.0));
    }

    public function test_a_polygon_knows_inside_edge_and_outside(): void
    {
        $notched = new Polygon([[0, 0], [4, 0], [4, 4], [2, 4], [2, 2], [0, 2]]);

        self::assertTrue($notched->contains(1, 1));
        self::assertTrue($notched->contains(4, 3), 'edge');
        self::assertTrue($notched->contains(0, 0), 'corner');
        self::assertFalse($notched->contains(1, 3));
        self::assertSame(12.0, $notched->area());
        self::assertSame([0.0, 0.0, 4.0, 4.0], array_map(floatval(...), $notched->bounds()));
    }

    public function test_a_slanting_outline_is_measured_and_met_as_exactly(): void
    {
        $triangle = new Polygon([[1, 2], [5, 3], [2, 7]]);

        self::assertEqualsWithDelta(9.5, $triangle->area(), 1e-12);
        self::assertTrue($triangle->contains(3, 2.5), 'the middle of an edge');
        self::assertTrue($triangle->contains(3.5, 5), 'the middle of the next');
        self::assertTrue($triangle->contains(1.5, 4.5), 'the middle of the last');
        self::assertFalse($triangle->contains(3, 2.499), 'a millimetre off it');
        self::assertFalse((new Polygon([[0, 0], [1e-4, 0], [1e-4, 1e-4]]))->contains(5e-5, -1e-6), 'however short the edge is');
        self::assertFalse($triangle->contains(9, 4), 'on the line of an edge, beyond its end');
        self::assertFalse($triangle->contains(-3, 1), 'on the line of an edge, before its start');
        self::assertTrue($triangle->contains(2.5, 4));
        self::assertSame([1.0, 2.0, 5.0, 7.0], array_map(floatval(...), $triangle->bounds()));
        self::assertSame([0.0, 0.0, 0.0, 0.0], (new Polygon([]))->bounds());
    }

    public function test_a_ray_level_with_a_corner_is_counted_once(): void
    {
        $diamond = new Polygon([[2, 0], [4, 2], [2, 4], [0, 2]]);

        self::assertTrue($diamond->contains(1, 2));
        self::assertFalse($diamond->contains(-1, 2));
        self::assertFalse($diamond->contains(5, 2));
        self::assertFalse($diamond->contains(1, 0));
        self::assertFalse($diamond->contains(3, 4));
    }

    #[DataProvider('passages')]
    public function test_a_door_near_a_place_is_found_on_its_storey(float $x, float $y, float $z, bool $isNear): void
    {
        $wall = new Wall([0, 0], [6, 0], 3, 5.5, [], [new Opening('door', 1.0, 1.0, 0.0, 2.0, [])]);
        $building = new Building($wall->segments(), []);

        self::assertSame($isNear, $building->hasPassageNear($x, $y, $z, 2.0));
    }

    /** @return list<array{float, float, float, bool}> */
    public static function passages(): array
    {
        return [
            [1.5, 2.0, 4, true], [1.5, 2.01, 4, false], [3.5, 0, 4, true], [3.6, 0, 4, false], [1.5, 1, 3, true], [1.5, 1, 2.9, false],
            [1.5, 1, 6, true], [1.5, 1, 6.1, false],
        ];
    }

    public function test_an_opening_that_fills_its_wall_leaves_no_slivers(): void
    {
        $whole = new Wall([0, 0], [2, 0], 0, 2.5, [], [new Opening('gap', 0, 2.0, 0.0, 2.5, [])]);
        $toTheEnd = new Wall([0, 0], [2, 0], 0, 2.5, [], [new Opening('gap', 1.0, 1.0, 0.0, 2.5, [])]);

        self::assertCount(1, $whole->segments());
        self::assertCount(2, $toTheEnd->segments());
        self::assertSame([1.5, 0.0], array_map(floatval(...), $whole->pointAt(1.5)));
    }

    public function test_the_nearest_place_on_a_wall_is_between_its_ends_and_within_its_height(): void
    {
        $wall = $this->wall([0, 0], [4, 0], 0, 2.5);

        $atItsStart = $wall->footOf(new Vec3(0, 0.5, 1));

        self::assertSame([0.0, 0.5], [(float) ($atItsStart['x'] ?? -1), $atItsStart['off'] ?? 0]);
        self::assertSame(-0.5, $wall->footOf(new Vec3(4, -0.5, 2.5))['off'] ?? 0, 'at its end, at its top');
        self::assertNotNull($wall->footOf(new Vec3(0.5, 0.5, 0)), 'at its foot');
        self::assertNull($wall->footOf(new Vec3(-0.01, 0, 1)));
        self::assertNull($wall->footOf(new Vec3(4.01, 0, 1)));
        self::assertNull($wall->footOf(new Vec3(1, 0, 2.51)));
        self::assertNull($wall->footOf(new Vec3(1, 0, -0.01)));
    }

    /**
     * @param  array{float, float}  $from
     * @param  array{float, float}  $to
     */
    private function wall(array $from, array $to, float $bottom, float $top): WallSegment
    {
        return new WallSegment(
            $from,
            $to,
            $bottom,
            $top,
            array_map(static fn (array $layer): Layer => new Layer(...$layer), self::BRICK),
        );
    }
}
