<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Floorplan;

use Kavvel\Core\Floorplan\Places;
use Kavvel\Core\Floorplan\PlanRefused;
use Kavvel\Core\Floorplan\UnderlayScale;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class PlacesTest extends TestCase
{
    public function test_places_are_read_as_touches_write_them(): void
    {
        self::assertSame([[1.0, 2.0], [-4.5, 2.126]], Places::read(' 1,2  -4.5,2.1256 '));
        self::assertSame([[1.0, 2.0], [3.0, 4.0]], Places::read('1,2;3,4'));
    }

    #[DataProvider('broken')]
    public function test_what_is_no_place_is_refused(string $typed): void
    {
        $this->expectException(PlanRefused::class);
        Places::read($typed);
    }

    /** @return list<array{string}> */
    public static function broken(): array
    {
        return [[''], ['1'], ['1,2,3'], ['1,2 here'], ['1000,2']];
    }

    public function test_a_known_length_says_how_large_a_picture_is(): void
    {
        self::assertSame(1.5, UnderlayScale::factor([[1.0, 1.0], [3.0, 1.0]], 3.0));
        self::assertSame(2.0, UnderlayScale::factor([[0.0, 0.0], [3.0, 4.0]], 10.0));
        self::assertEqualsWithDelta(1.0, UnderlayScale::factor([[0.0, 0.0], [0.0, 0.05]], 0.05), 1e-9);
    }

    /** @param list<array{float, float}> $ends */
    #[DataProvider('lengths')]
    public function test_what_is_no_length_is_refused(array $ends, float $length): void
    {
        $this->expectException(PlanRefused::class);
        UnderlayScale::factor($ends, $length);
    }

    /** @return list<array{list<array{float, float}>, float}> */
    public static function lengths(): array
    {
        return [
            [[[0.0, 0.0]], 1.0], [[[0.0, 0.0], [1.0, 0.0], [2.0, 0.0]], 1.0],
            [[[0.0, 0.0], [0.049, 0.0]], 1.0], [[[0.0, 0.0], [1.0, 0.0]], 0.049],
        ];
    }
}
