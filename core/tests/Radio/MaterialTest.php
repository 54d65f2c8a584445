<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Radio;

use Kavvel\Core\Radio\CrossingLoss;
use Kavvel\Core\Radio\LayerLoss;
use Kavvel\Core\Radio\Material;
use Kavvel\Core\Site\Crossing;
use Kavvel\Core\Site\Layer;
use Kavvel\Core\Site\WallSegment;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class MaterialTest extends TestCase
{
    #[DataProvider('standardRows')]
    public function test_ten_centimetres_cost_what_the_row_of_the_standard_says(string $name, float $at2440, float $at868): void
    {
        self::assertEqualsWithDelta($at2440, Material::named($name, 2440)->lossDb(0.1), 0.0001);
        self::assertEqualsWithDelta($at868, Material::named($name, 868)->lossDb(0.1), 0.0001);
    }

    /** @return list<array{string, float, float}> dB of 0.1 m, worked out by hand from the rows of ITU-R P.2040-3 */
    public static function standardRows(): array
    {
        return [
            ['concrete', 8.0826, 4.4044], ['brick', 3.2616, 2.9154], ['plasterboard', 2.4876, 1.2787], ['wood', 1.6737, 0.7241],
            ['glass', 2.5549, 1.9745], ['chipboard', 4.9151, 2.4623], ['floorboard', 2.1545, 1.2090], ['marble', 2.7728, 2.2967],
            ['reinforced-concrete', 14.0826, 10.4044],
        ];
    }

    #[DataProvider('sheets')]
    public function test_a_sheet_costs_the_same_at_any_thickness_and_frequency(string $name, float $db): void
    {
        self::assertSame($db, Material::named($name, 2440)->lossDb(0.001));
        self::assertSame($db, Material::named($name, 868)->lossDb(0.1, 0.5));
        self::assertFalse(Material::named($name, 868)->extrapolated, $name);
    }

    /** @return list<array{string, float}> */
    public static function sheets(): array
    {
        return [
            ['foil', 20.0], ['foil-floor', 20.0], ['low-e-glass', 24.0], ['mirror', 20.0], ['steel-door', 25.0], ['metal-lath', 15.0],
            ['water-tank', 25.0], ['tiled-wet', 3.0],
        ];
    }

    public function test_granite_is_linear_in_frequency_between_and_beyond_its_two_numbers(): void
    {
        self::assertEqualsWithDelta(30 * 0.5 + 2, Material::named('granite', 2440)->lossDb(0.5), 1e-9);
        self::assertEqualsWithDelta(15 * 0.5 + 2, Material::named('granite', 868)->lossDb(0.5), 1e-9);
        self::assertEqualsWithDelta(22.5 + 2, Material::named('granite', 1654)->lossDb(1), 1e-9);
        self::assertEqualsWithDelta(45 + 2, Material::named('granite', 4012)->lossDb(1), 1e-9);
        self::assertFalse(Material::named('granite', 433.92)->extrapolated);
        self::assertEqualsWithDelta(15 - 0.735 * 15 / 1.572 + 2, Material::named('granite', 133)->lossDb(1), 1e-9);
    }

    public function test_a_slanting_way_is_longer_inside_and_pays_the_faces_once(): void
    {
        // sin² 60° = 0.75, in assumed material of η′ = 6: cos θt = √(1 − 0.75/6)
        self::assertEqualsWithDelta(30 / sqrt(0.875) + 2, Material::named('granite', 2440)->lossDb(1, 0.5), 1e-9);
        self::assertSame(Material::named('brick', 2440)->lossDb(0.1), Material::named('brick', 2440)->lossDb(0.1, 1.0));
    }

    public function test_a_cosine_of_rounding_noise_above_one_is_straight(): void
    {
        self::assertSame(Material::named('brick', 2440)->lossDb(0.1), Material::named('brick', 2440)->lossDb(0.1, 1.0000001));
    }

    public function test_only_outside_the_standards_range_a_row_is_extrapolated(): void
    {
        $below = array_filter(Material::names(), static fn (string $name): bool => Material::named($name, 868)->extrapolated);
        $above = array_filter(Material::names(), static fn (string $name): bool => Material::named($name, 2440)->extrapolated);

        self::assertSame(
            ['concrete', 'brick', 'plasterboard', 'chipboard', 'floorboard', 'marble', 'reinforced-concrete'],
            array_values($below),
        );
        self::assertSame(['floorboard'], array_values($above));
        foreach (['concrete', 'brick', 'plasterboard', 'chipboard', 'marble'] as $name) {
            self::assertFalse(Material::named($name, 1000)->extrapolated, "{$name} from 1 GHz on");
        }
        self::assertTrue(Material::named('floorboard', 49_999)->extrapolated);
        self::assertFalse(Material::named('floorboard', 50_000)->extrapolated);
        self::assertFalse(Material::named('wood', 50)->extrapolated, 'from 1 MHz on');
        self::assertTrue(Material::named('glass', 99)->extrapolated, 'from 100 MHz on');
    }

    public function test_a_wall_is_extrapolated_when_one_of_its_layers_is(): void
    {
        $wall = static fn (string ...$names): CrossingLoss => CrossingLoss::at(Crossing::ofWall(0, 0.5, 1.0, new WallSegment(
            [0, 0],
            [1, 0],
            0,
            2.5,
            array_map(static fn (string $name): Layer => new Layer($name, 0.1), array_values($names)),
        )), 868.42);

        self::assertFalse($wall()->extrapolated);
        self::assertFalse($wall('wood', 'glass')->extrapolated);
        self::assertTrue($wall('wood', 'brick')->extrapolated);
        self::assertTrue($wall('brick', 'wood')->extrapolated);
    }

    public function test_layers_add_up(): void
    {
        $wall = [new Layer('brick', 0.1), new Layer('plasterboard', 0.1)];

        self::assertEqualsWithDelta(3.2616 + 2.4876, LayerLoss::of($wall, 2440)->lossDb, 0.0002);
        self::assertSame(0.0, LayerLoss::of([], 2440)->lossDb);
        self::assertGreaterThan(LayerLoss::of($wall, 2440)->lossDb, LayerLoss::of($wall, 2440, 0.5)->lossDb);
    }
}
