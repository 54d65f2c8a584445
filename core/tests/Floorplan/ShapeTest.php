<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Floorplan;

use Kavvel\Core\Floorplan\Line;
use Kavvel\Core\Floorplan\Shape;
use Kavvel\Core\Site\Polygon;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * @phpstan-type Outline list<array{float, float}>
 */
final class ShapeTest extends TestCase
{
    /**
     * @param  Outline  $one
     * @param  Outline  $other
     */
    #[DataProvider('pairs')]
    public function test_outlines_overlap_where_they_share_more_than_an_edge(bool $overlap, array $one, array $other): void
    {
        self::assertSame($overlap, Shape::overlap($one, $other));
        self::assertSame($overlap, Shape::overlap($other, $one));
        self::assertSame($overlap, Shape::overlap(array_reverse($one), $other));
    }

    /** @return iterable<string, array{bool, Outline, Outline}> */
    public static function pairs(): iterable
    {
        $room = self::rectangle(0, 0, 4, 3);

        return [
            'apart' => [false, $room, self::rectangle(5, 0, 6, 3)],
            'side by side' => [false, $room, self::rectangle(4, 0, 6, 3)],
            'corner to corner' => [false, $room, self::rectangle(4, 3, 6, 5)],
            'a hair over each other' => [false, $room, self::rectangle(3.999, 0, 6, 3)],
            'a hand over each other' => [true, $room, self::rectangle(3.9, 0, 6, 3)],
            'the same' => [true, $room, $room],
            'one in the other' => [true, $room, self::rectangle(1, 1, 2, 2)],
            'one in the other, along a wall' => [true, $room, self::rectangle(0, 1, 2, 2)],
            'a bar across, off the middle' => [true, self::rectangle(0, 0, 10, 1), self::rectangle(7, -3, 8, 3)],
            'in the notch of an L' => [false, [[0, 0], [4, 0], [4, 1], [1, 1], [1, 3], [0, 3]], self::rectangle(1, 1, 4, 3)],
            'over the edge of that notch' => [true, [[0, 0], [4, 0], [4, 1], [1, 1], [1, 3], [0, 3]], self::rectangle(0.9, 1, 4, 3)],
        ];
    }

    public function test_needless_corners_go(): void
    {
        $tidy = self::rectangle(0, 0, 4, 3);

        self::assertSame($tidy, Shape::tidy($tidy));
        self::assertSame($tidy, Shape::tidy([[0.0, 0.0], [2.0, 0.0], [4.0, 0.0], [4.0, 0.0005], [4.0, 3.0], [0.0, 3.0], [0.0, 1.5]]));
        // A spike is no straight side.
        self::assertCount(5, Shape::tidy([[0.0, 0.0], [4.0, 0.0], [4.0, 3.0], [0.0, 3.0], [0.0, 5.0]]));
    }

    public function test_sides_that_cross_or_touch_are_no_outline(): void
    {
        self::assertTrue(Shape::isSimple(self::rectangle(0, 0, 4, 3)));
        self::assertFalse(Shape::isSimple([[0.0, 0.0], [4.0, 3.0], [4.0, 0.0], [0.0, 3.0]]));
        self::assertFalse(Shape::isSimple([[0.0, 0.0], [4.0, 0.0], [4.0, 3.0], [2.0, 0.0], [0.0, 3.0]]), 'it touches its own side');
    }

    public function test_a_place_inside_is_inside(): void
    {
        foreach ([
            self::rectangle(0, 0, 4, 3), [[0.0, 0.0], [4.0, 0.0], [4.0, 1.0], [1.0, 1.0], [1.0, 3.0], [0.0, 3.0]],
            [[0.0, 0.0], [6.0, 0.0], [6.0, 3.0], [5.0, 3.0], [5.0, 1.0], [1.0, 1.0], [1.0, 3.0], [0.0, 3.0]],
        ] as $outline) {
            self::assertTrue((new Polygon($outline))->contains(...Shape::inside($outline)));
        }
    }

    public function test_a_line_knows_its_side_and_where_another_crosses_it(): void
    {
        $level = Line::through([5.0, 2.0], [1.0, 2.0]);
        $upright = Line::through([3.0, 9.0], [3.0, 0.0]);

        self::assertSame([1, -1], [$level->sign(), $upright->sign()]);
        self::assertSame([[0.0, 1.0], [-1.0, 0.0]], [
            array_map(static fn (float $one): float => $one + 0.0, $level->across(1.0)),
            array_map(static fn (float $one): float => $one + 0.0, $upright->across(1.0)),
        ]);
        self::assertSame([3.0, 2.0], [$level->crossing($upright), $upright->crossing($level)]);
        self::assertNull($level->crossing(Line::through([0.0, 5.0], [1.0, 5.0])));
        self::assertSame([[4.0, 2.5], 0.5], [$level->at(4.0, 0.5), $level->offOf([9.0, 2.5])]);
        self::assertTrue($level->isSameAs(Line::through([0.0, 2.001], [9.0, 2.001])));
        self::assertFalse($level->isSameAs(Line::through([0.0, 2.003], [9.0, 2.003])));
        $slanted = Line::through([0.0, 0.0], [3.0, 4.0]);
        self::assertEqualsWithDelta(
            [5.0, 0.0, false],
            [$slanted->along([3.0, 4.0]), $slanted->offOf([3.0, 4.0]), $slanted->isLevel()],
            1e-9,
        );
    }

    /** @return Outline */
    private static function rectangle(float $left, float $top, float $right, float $bottom): array
    {
        return [[$left, $top], [$right, $top], [$right, $bottom], [$left, $bottom]];
    }
}
