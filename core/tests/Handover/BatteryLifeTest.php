<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Handover;

use Kavvel\Core\Catalogue\Chemistry;
use Kavvel\Core\Handover\BatteryLife;
use PHPUnit\Framework\TestCase;

final class BatteryLifeTest extends TestCase
{
    public function test_a_coin_cell_by_hand(): void
    {
        // I = 0.003 + 50 · 3000 / 86 400 000 mA; 0.85 · 220 / (I · 8760 + 0.01 · 220)
        $life = BatteryLife::of(220, Chemistry::Lithium, 3, 50, 3000);

        self::assertEqualsWithDelta(187 / ((0.003 + 50 * 3000 / 86_400_000) * 8760 + 2.2), $life->years, 1e-9);
        self::assertSame(4.28, round($life->years, 2));
    }

    public function test_more_events_shorten_it_and_fewer_lengthen_it(): void
    {
        $life = BatteryLife::of(220, Chemistry::Lithium, 3, 50, 3000);

        self::assertLessThan($life->years, $life->low);
        self::assertGreaterThan($life->years, $life->high);
    }

    public function test_no_forecast_goes_beyond_what_the_chemistry_keeps(): void
    {
        self::assertSame(15.0, BatteryLife::of(1500, Chemistry::Lithium, 0, 0, 0)->years);
        self::assertSame(10.0, BatteryLife::of(2500, Chemistry::Alkaline, 0, 0, 0)->years);
    }

    public function test_without_a_load_self_discharge_alone_decides(): void
    {
        self::assertEqualsWithDelta(0.85 / (0.1 * 8760 / 100 + 0.03), BatteryLife::of(100, Chemistry::Alkaline, 100, 0, 0)->years, 1e-9);
    }
}
