<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Site;

use Kavvel\Core\Site\Building;
use Kavvel\Core\Site\Layer;
use Kavvel\Core\Site\Sectors;
use Kavvel\Core\Site\Vec3;
use Kavvel\Core\Site\WallSegment;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class SectorsTest extends TestCase
{
    public function test_a_sector_stands_in_the_way_as_the_whole_building_does(): void
    {
        $random = new Randomizer(new Mt19937(11));
        $at = static fn (): float => round($random->getInt(0, 1000) / 100, $random->getInt(0, 2));
        $crossed = 0;
        for ($house = 0; $house < 60; $house++) {
            $walls = array_map(
                static fn (): WallSegment => new WallSegment([$at(), $at()], [$at(), $at()], 0, 2.5, [new Layer('brick', 0.1)]),
                range(1, 25),
            );
            $building = new Building($walls, []);
            // On an end of a wall too, where a hair decides.
            $from = $house % 3 === 0 ? new Vec3($walls[3]->from[0], $walls[3]->from[1], 1) : new Vec3($at(), $at(), 1);
            $sectors = new Sectors($building, $from);
            for ($line = 0; $line < 60; $line++) {
                $to = $line % 4 === 0 ? new Vec3($walls[$line % 25]->to[0], $walls[$line % 25]->to[1], 1) : new Vec3($at(), $at(), 1);
                $whole = count($building->crossings($from, $to));
                self::assertCount($whole, $sectors->towards($to)->crossings($from, $to));
                $crossed += $whole;
            }
        }
        self::assertGreaterThan(1000, $crossed);
    }

    /**
     * A wall reaches a hair beyond its own ends.
     *
     * @param  array{float, float}  $start
     * @param  array{float, float}  $end
     * @param  array{float, float}  $to
     */
    #[DataProvider('hairs')]
    public function test_a_wall_that_a_line_passes_by_a_hair_stands_there_too(array $start, array $end, array $to): void
    {
        $building = new Building([new WallSegment($start, $end, 0, 2.5, [])], []);
        $place = new Vec3($to[0], $to[1], 1);

        self::assertCount(1, $building->crossings(new Vec3(0, 0, 1), $place));
        self::assertCount(1, (new Sectors($building, new Vec3(0, 0, 1)))->towards($place)->walls);
    }

    /** @return array<string, array{array{float, float}, array{float, float}, array{float, float}}> */
    public static function hairs(): array
    {
        return [
            'past its beginning' => [[5.0, 0.0], [5.0, 5.0], [10.0, -8e-9]],
            'past its end' => [[5.0, -5.0], [5.0, 0.0], [10.0, 8e-9]],
            'the place is at its beginning' => [[1e-8, 0.0], [1e-8, 1.0], [1.0, -0.052]],
            'the place is at its end' => [[1e-8, 1.0], [1e-8, 0.0], [1.0, -0.052]],
        ];
    }

    public function test_only_what_stands_there_is_looked_at(): void
    {
        $wall = static fn (float $x): WallSegment => new WallSegment([$x, -1], [$x, 1], 0, 2.5, []);
        $sectors = new Sectors(new Building([$wall(2), $wall(-2)], []), new Vec3(0, 0, 1));

        self::assertCount(1, $sectors->towards(new Vec3(5, 0, 1))->walls);
        self::assertCount(0, $sectors->towards(new Vec3(0, 5, 1))->walls);
    }
}
