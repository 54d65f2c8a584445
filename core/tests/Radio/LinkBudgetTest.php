<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Radio;

use Eris\Generators;
use Eris\TestTrait;
use Kavvel\Core\Input\InvalidInput;
use Kavvel\Core\Radio\Clutter;
use Kavvel\Core\Radio\LinkBudget;
use Kavvel\Core\Radio\Margin;
use Kavvel\Core\Radio\Material;
use Kavvel\Core\Radio\Transceiver;
use Kavvel\Core\Site\Building;
use Kavvel\Core\Site\Layer;
use Kavvel\Core\Site\Opening;
use Kavvel\Core\Site\Vec3;
use Kavvel\Core\Site\Wall;
use Kavvel\Core\Site\WallSegment;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class LinkBudgetTest extends TestCase
{
    use TestTrait;

    public function test_free_space_stops_growing_below_half_a_metre(): void
    {
        self::assertSame(LinkBudget::freeSpaceDb(0.5, 2440), LinkBudget::freeSpaceDb(0.1, 2440));
        self::assertGreaterThan(LinkBudget::freeSpaceDb(0.5, 2440), LinkBudget::freeSpaceDb(0.6, 2440));
    }

    public function test_mounting_and_both_antennas_count_in_full(): void
    {
        $budget = new LinkBudget(new Building([], []));
        $sender = new Transceiver(2440, 8, -97, -1);
        $receiver = new Transceiver(2440, 4, -90, 2);
        $bare = $budget->forecast(new Vec3(0, 0, 1), new Vec3(4, 0, 1), $sender, $receiver);
        $mounted = $budget->forecast(new Vec3(0, 0, 1), new Vec3(4, 0, 1), $sender, $receiver, 6);

        self::assertEqualsWithDelta(8 - 1 + 2 - $bare->freeSpaceDb - $bare->clutterDb, $bare->rssiDbm, 1e-9);
        self::assertEqualsWithDelta($bare->rssiDbm + 90, $bare->marginDb, 1e-9);
        self::assertEqualsWithDelta($bare->marginDb - 6, $mounted->marginDb, 1e-9);
        self::assertSame([3.0, 4.2], [(new Clutter)->lossDb(0), (new Clutter)->lossDb(4)]);
    }

    public function test_a_forecast_is_pessimistic_where_the_ray_meets_a_heavy_wall_beside_its_door(): void
    {
        $wall = new Wall([2, 0], [2, 9], 3, 5.5, [new Layer('granite', 0.6)], [new Opening('door', 4.0, 1.0, 0.0, 2.0, [])]);
        $building = new Building($wall->segments(), []);
        $budget = new LinkBudget($building);
        $radio = new Transceiver(2440, 8, -97, -1);
        $isPessimistic = static fn (Vec3 $from, Vec3 $to): bool => $budget
            ->forecast($from, $to, $radio, $radio)
            ->isPessimistic($building, $from, $to);

        self::assertTrue($isPessimistic(new Vec3(1, 2, 4), new Vec3(3, 4, 4)), 'it meets the wall 1.5 m from the door');
        self::assertFalse($isPessimistic(new Vec3(1, 0, 4), new Vec3(3, 2, 4)), 'it meets it far from the door');
        self::assertFalse($isPessimistic(new Vec3(1, 4.5, 4), new Vec3(3, 4.5, 4)), 'it passes the door itself');
    }

    public function test_sound_and_firm_are_accepted(): void
    {
        $accepted = array_filter(Margin::cases(), static fn (Margin $word): bool => $word->isAccepted());

        self::assertSame([Margin::Firm, Margin::Sound], array_values($accepted));
    }

    public function test_firm_begins_no_earlier_than_what_a_job_accepts(): void
    {
        self::assertSame(
            ['firm' => [20.0, null], 'sound' => [12.0, 20.0], 'thin' => [6.0, 12.0], 'lost' => [-INF, 6.0]],
            Margin::bounds(),
        );
        self::assertSame([25.0, null], Margin::bounds(25)['firm']);
        self::assertSame([Margin::Thin, Margin::Firm], [Margin::of(24.9, 25), Margin::of(25, 25)]);
    }

    public function test_every_wall_makes_the_margin_smaller_and_never_larger(): void
    {
        $this->limitTo(60)->forAll(
            Generators::elements(Material::names()),
            Generators::choose(1, 60),
            Generators::choose(1, 20),
            Generators::choose(-40, 40),
        )->then(function (string $material, int $centimetres, int $metres, int $sideways): void {
            $wall = new WallSegment([0.5, -90], [0.5, 90], 0, 3, [new Layer($material, $centimetres / 100)]);
            $free = $this->margin(new Building([], []), $metres, $sideways / 4);
            $walled = $this->margin(new Building([$wall], []), $metres, $sideways / 4);

            self::assertLessThan($free, $walled);
        });
    }

    public function test_a_slanting_ray_pays_more_than_a_straight_one(): void
    {
        $concrete = Material::named('concrete', 2440);

        self::assertGreaterThan($concrete->lossDb(0.2), $concrete->lossDb(0.2, 0.5));
    }

    public function test_assumed_sheets_cost_the_same_at_every_frequency(): void
    {
        foreach (['foil', 'mirror', 'low-e-glass', 'steel-door', 'metal-lath', 'water-tank', 'tiled-wet', 'foil-floor'] as $name) {
            self::assertSame(Material::named($name, 868.4)->lossDb(0.01), Material::named($name, 2440)->lossDb(0.01), $name);
        }
    }

    public function test_reinforcement_adds_six_decibels_to_concrete(): void
    {
        $difference = Material::named('reinforced-concrete', 2440)
            ->lossDb(0.2, 0.8) - Material::named('concrete', 2440)
            ->lossDb(0.2, 0.8);

        self::assertEqualsWithDelta(6.0, $difference, 1e-9);
    }

    public function test_a_frequency_outside_the_standard_is_marked(): void
    {
        self::assertTrue(Material::named('concrete', 868.4)->extrapolated);
        self::assertFalse(Material::named('concrete', 2440)->extrapolated);
        self::assertFalse(Material::named('wood', 868.4)->extrapolated);
    }

    public function test_an_unknown_material_is_named_in_the_error(): void
    {
        $this->expectException(InvalidInput::class);
        $this->expectExceptionMessage('“cheese” is not a material that Kavvel knows.');

        Material::named('cheese', 2440);
    }

    #[DataProvider('words')]
    public function test_margin_words_change_at_their_limits(float $margin, string $word): void
    {
        self::assertSame($word, Margin::of($margin)->value);
    }

    public function test_where_a_job_asks_for_more_sound_begins_there(): void
    {
        $words = static fn (float $accepted): array => array_map(static fn (float $db): string => Margin::of($db, $accepted)->value, [
            10, 13, 19, 22, 26,
        ]);

        self::assertSame(['thin', 'sound', 'sound', 'firm', 'firm'], $words(12));
        self::assertSame(['thin', 'thin', 'sound', 'firm', 'firm'], $words(16));
        self::assertSame(['thin', 'thin', 'thin', 'thin', 'firm'], $words(25));
    }

    public function test_a_margin_never_looks_better_than_its_word(): void
    {
        self::assertSame(['12 dB', '11 dB', '0 dB', '−1 dB', '−28 dB'], array_map(Margin::text(...), [12.0, 11.96, 0.4, -0.1, -28.0]));
    }

    /** @return list<array{float, string}> */
    public static function words(): array
    {
        return [[20.0, 'firm'], [19.999, 'sound'], [12.0, 'sound'], [11.999, 'thin'], [6.0, 'thin'], [5.999, 'lost'], [-40.0, 'lost']];
    }

    public function test_a_door_near_a_heavy_wall_makes_the_forecast_pessimistic(): void
    {
        $wall = new WallSegment([5, -9], [5, 9], 0, 2.5, [new Layer('granite', 0.55)], 'wall');
        $near = new WallSegment([5, 1], [5, 2], 0, 2, [new Layer('wood', 0.04)], 'door', 'door');
        $far = new WallSegment([5, 7], [5, 8], 0, 2, [new Layer('wood', 0.04)], 'door', 'door');
        $from = new Vec3(0, 0, 1);
        $to = new Vec3(10, 0, 1);

        foreach ([[$near, true], [$far, false]] as [$door, $expected]) {
            $building = new Building([$wall, $door], []);
            $forecast = (new LinkBudget($building))->forecast($from, $to, $this->radio(), $this->radio());
            self::assertSame($expected, $forecast->isPessimistic($building, $from, $to));
        }
    }

    private function margin(Building $building, int $metres, float $sideways): float
    {
        return (new LinkBudget($building, new Clutter))
            ->forecast(new Vec3(0, 0, 1), new Vec3($metres + 1, $sideways, 1.2), $this->radio(), $this->radio())->marginDb;
    }

    private function radio(): Transceiver
    {
        return new Transceiver(2440, 8, -97);
    }
}
