<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Coverage;

use Kavvel\Core\Coverage\Area;
use Kavvel\Core\Coverage\Bands;
use Kavvel\Core\Site\Polygon;
use PHPUnit\Framework\TestCase;

final class BandsTest extends TestCase
{
    public function test_a_bound_is_crossed_where_the_level_reaches_it(): void
    {
        $area = Area::between([0.0, 2.0], [0.0, 2.0], 1.0, 1.0, 100);
        $bands = Bands::of($area, [[0.0, 10.0], [0.0, 10.0]], [-INF, 4.0]);

        self::assertSame([[[0.5, 0.5], [0.9, 0.5], [0.9, 0.9]], [[0.5, 0.5], [0.9, 0.9], [0.9, 1.5], [0.5, 1.5]]], $bands->areas[0]);
        self::assertSame([[[0.9, 0.5], [1.5, 0.5], [1.5, 1.5], [0.9, 0.9]], [[0.9, 0.9], [1.5, 1.5], [0.9, 1.5]]], $bands->areas[1]);
        self::assertSame([[[0.9, 0.5], [0.9, 0.9]], [[0.9, 0.9], [0.9, 1.5]]], $bands->lines[1]);
        self::assertSame([], $bands->lines[0]);
    }

    public function test_what_is_alike_in_a_row_is_one_piece(): void
    {
        $area = Area::between([0.0, 5.0], [0.0, 2.0], 1.0, 1.0, 100);
        $bands = Bands::of($area, array_fill(0, 2, [7.0, 8.0, 9.0, 7.0, 6.0]), [-INF, 6.0, 12.0]);

        self::assertSame([[], [[[0.5, 0.5], [4.5, 0.5], [4.5, 1.5], [0.5, 1.5]]], []], $bands->areas);
    }

    public function test_a_level_on_the_bound_belongs_to_the_upper_band(): void
    {
        $area = Area::between([0.0, 2.0], [0.0, 2.0], 1.0, 1.0, 100);

        self::assertSame(
            [[], [[[0.5, 0.5], [1.5, 0.5], [1.5, 1.5], [0.5, 1.5]]]],
            Bands::of($area, [[6.0, 6.0], [6.0, 6.0]], [-INF, 6.0])->areas,
        );
    }

    public function test_a_run_ends_with_its_row(): void
    {
        $area = Area::between([0.0, 3.0], [0.0, 3.0], 1.0, 1.0, 100);

        self::assertCount(2, Bands::of($area, array_fill(0, 3, [1.0, 1.0, 1.0]), [-INF])->areas[0]);
    }

    public function test_bands_cover_the_whole_and_nothing_twice(): void
    {
        mt_srand(7);
        $area = Area::between([-3.0, 5.0], [2.0, 9.0], 1.0, 0.5, 1000);
        for ($try = 0; $try < 20; $try++) {
            $levels = [];
            for ($row = 0; $row < $area->rows; $row++) {
                for ($column = 0; $column < $area->columns; $column++) {
                    $levels[$row][$column] = (float) (mt_rand(-100, 300) / 10);
                }
            }
            $bands = Bands::of($area, array_map(array_values(...), array_values($levels)), [-INF, 6.0, 12.0, 20.0]);
            $sum = 0.0;
            foreach ($bands->areas as $band) {
                foreach ($band as $piece) {
                    $sum += (new Polygon($piece))->area();
                }
            }
            self::assertEqualsWithDelta(7.5 * 6.5, $sum, 0.01);
        }
    }
}
