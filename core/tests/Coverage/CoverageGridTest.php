<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Coverage;

use Kavvel\Core\Coverage\Area;
use Kavvel\Core\Coverage\CoverageGrid;
use Kavvel\Core\Coverage\TooManyCells;
use Kavvel\Core\Protocol\Protocol;
use Kavvel\Core\Radio\Clutter;
use Kavvel\Core\Radio\LinkBudget;
use Kavvel\Core\Radio\Transceiver;
use Kavvel\Core\Site\Building;
use Kavvel\Core\Site\Floor;
use Kavvel\Core\Site\Layer;
use Kavvel\Core\Site\Vec3;
use Kavvel\Core\Site\WallSegment;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class CoverageGridTest extends TestCase
{
    public function test_a_cell_has_the_margin_of_the_link_to_its_middle(): void
    {
        $building = new Building(
            [
                new WallSegment([2, 0], [2, 4], 0, 2.4, [new Layer('brick', 0.215)]),
                new WallSegment([0, 3], [6, 3], 0, 2.4, [new Layer('brick', 0.1)]),
            ],
            [new Floor(2.5, [[0, 0], [3, 0], [3, 4], [0, 4]], [new Layer('concrete', 0.2)])],
        );
        $radio = Transceiver::of(Protocol::Zigbee);
        self::assertNotNull($radio);
        $from = new Vec3(1, 1, 1);
        $area = Area::between([0, 6], [0, 4], 3.5, 0.5, 1000);
        $margins = CoverageGrid::margins($building, new Clutter, $from, $area, $radio, $radio, 2.0);
        $budget = new LinkBudget($building, new Clutter);

        self::assertCount(8, $margins);
        foreach ($margins as $row => $line) {
            self::assertCount(12, $line);
            foreach ($line as $column => $margin) {
                $cell = new Vec3(0.25 + 0.5 * $column, 0.25 + 0.5 * $row, 3.5);
                self::assertSame($budget->forecast($from, $cell, $radio, $radio, 2.0)->marginDb, $margin);
            }
        }
        self::assertGreaterThan(5.0, abs($margins[0][4] - $margins[0][7]), 'the slab ends at three metres');
    }

    #[DataProvider('areas')]
    public function test_cells_cover_the_area(float $long, float $step, int $columns): void
    {
        self::assertSame($columns, Area::between([1.0, 1.0 + $long], [0.0, 1.0], 1.0, $step, 100)->columns);
        self::assertSame($columns, Area::between([0.0, 1.0], [1.0, 1.0 + $long], 1.0, $step, 100)->rows);
    }

    /** @return array<string, array{float, float, int}> */
    public static function areas(): array
    {
        return [
            'even' => [4.0, 0.5, 8],
            'decimals that binary can’t hold' => [0.3, 0.1, 3],
            'a rest' => [4.1, 0.5, 9],
            'no width' => [0.0, 0.5, 1],
        ];
    }

    public function test_too_many_cells_are_refused(): void
    {
        self::assertSame(100, Area::between([0, 10], [0, 10], 1, 1, 100)->columns * 10);
        $this->expectException(TooManyCells::class);
        $this->expectExceptionMessage('110 cells; at most 100');
        Area::between([0, 10], [0, 10.1], 1, 1, 100);
    }

    public function test_around_a_large_house_the_cells_are_larger(): void
    {
        $small = Area::around([0, 10], [0, 5], 1, 0.25, 20_000);
        self::assertSame([-0.25, -0.25, 0.25, 42, 22], [$small->x, $small->y, $small->step, $small->columns, $small->rows]);
        $large = Area::around([0, 400], [0, 300], 1, 0.25, 20_000);
        self::assertSame([4.0, -4.0, 102, 77], [$large->step, $large->x, $large->columns, $large->rows]);
    }
}
