<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Van;

use Kavvel\Core\Catalogue\Profile;
use Kavvel\Core\Catalogue\WireRole;
use Kavvel\Core\Fit\BoxFit;
use Kavvel\Core\Fit\Evidence;
use Kavvel\Core\Fit\FitCase;
use Kavvel\Core\Fit\FoundBox;
use Kavvel\Core\Fit\NeutralFound;
use Kavvel\Core\Fit\SwitchedLoad;
use Kavvel\Core\Fit\Wire;
use Kavvel\Core\Input\Input;
use Kavvel\Core\Tests\Fit\Boxes;
use Kavvel\Core\Van\Stage;
use Kavvel\Core\Van\VanKind;
use Kavvel\Core\Van\VanList;
use Kavvel\Core\Van\VanRow;
use Kavvel\Core\Van\VanSlot;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class VanListTest extends TestCase
{
    private const ALL = [Stage::Fit, Stage::Pair, Stage::Name, Stage::Prove];

    public function test_nothing_open_needs_nothing(): void
    {
        self::assertSame([], VanList::of([])->rows());
        self::assertSame([], VanList::of([self::slot(self::motion(), open: [Stage::Name, Stage::Prove])])->rows());
        self::assertTrue(self::slot(self::motion(), open: [Stage::Fit])->isToBring());
        self::assertTrue(self::slot(self::motion(), open: [Stage::Pair])->isToBring());
    }

    public function test_devices_and_labels_are_counted(): void
    {
        $rows = VanList::of([self::slot(self::motion()), self::slot(self::motion()), self::slot(self::dimmer())])->rows();

        self::assertSame(['Dimmer, D-1' => 1, 'Motion sensor, M-1' => 2], self::counts($rows, VanKind::Device));
        self::assertSame(['Device labels' => 3], self::counts($rows, VanKind::Label));
        self::assertSame([], self::counts(VanList::of([self::slot(self::motion())])->rows(), VanKind::Small));
        self::assertSame(
            [VanKind::Device, VanKind::Device, VanKind::Small, VanKind::Battery],
            array_map(static fn (VanRow $one): VanKind => $one->kind, array_slice($rows, 0, 4)),
        );
    }

    #[DataProvider('spares')]
    public function test_batteries_have_a_tenth_to_spare_and_one_at_least(int $devices, int $count, string $why): void
    {
        $slots = array_fill(0, $devices, self::slot(self::motion()));
        $rows = array_values(array_filter(VanList::of($slots)->rows(), static fn (VanRow $one): bool => $one->kind === VanKind::Battery));

        self::assertEquals([new VanRow(VanKind::Battery, 'AAA', $count, $why)], $rows);
    }

    /** @return array<string, array{int, int, string}> */
    public static function spares(): array
    {
        return [
            'one device of two' => [1, 3, '2 and 1 spare'], 'five devices' => [5, 11, '10 and 1 spare'],
            'six devices' => [6, 14, '12 and 2 spare'],
        ];
    }

    public function test_boxes_that_lack_a_little_get_a_spacer_and_those_that_lack_much_a_deeper_box(): void
    {
        $slots = array_map(static fn (float $mm): VanSlot => self::slot(self::dimmer(), fit: self::fit(new FoundBox(
            $mm,
            0,
            2,
            1,
            NeutralFound::Own,
        ))), [47.0, 48.0, 28.0, 27.0]);
        $with = self::slot(self::dimmer(), fit: self::fit(new FoundBox(40, 11.4, 2, 1, NeutralFound::Own)));

        self::assertSame([
            'Back box, 48 mm deep or more' => 1, 'Spacer, 1 mm' => 1, 'Spacer, 12 mm' => 1, 'Spacer, 20 mm' => 1,
        ], self::counts(VanList::of([...$slots, $with, self::slot(self::dimmer())])->rows(), VanKind::Box));
    }

    public function test_small_parts_follow_from_the_conductors(): void
    {
        $traveller = new Wire('grey', 'L2', WireRole::Traveller, Evidence::Continuity, Wire::CAPPED, true);
        $joined = static fn (string $name, WireRole $role): Wire => new Wire($name, 'x', $role, Evidence::Continuity, Wire::CONNECTOR);
        $noted = self::slot(self::dimmer(), wires: [
            $traveller, new Wire('white', 'L3', WireRole::Traveller, Evidence::Continuity, Wire::CAPPED, true),
            $joined('blue', WireRole::Neutral), $joined('blue 2', WireRole::Neutral), $joined('brown', WireRole::Line),
        ]);

        self::assertSame(['Connectors' => 2, 'End caps' => 4], self::counts(VanList::of([$noted])->rows(), VanKind::Small));
        self::assertSame(['Connectors' => 3], self::counts(VanList::of([self::slot(self::dimmer())])->rows(), VanKind::Small));
        self::assertSame(
            ['Connectors' => 3],
            self::counts(VanList::of([self::slot(self::dimmer(), wires: [new Wire('brown')])])->rows(), VanKind::Small),
        );
    }

    public function test_a_load_that_is_too_little_takes_a_bypass(): void
    {
        $little = self::fit(new FoundBox(60, 0, 2, 1, NeutralFound::Own), [Boxes::lamps(1, 1)]);
        $has = self::fit(new FoundBox(60, 0, 2, 1, NeutralFound::Own, hasBypass: true), [Boxes::lamps(1, 1)]);
        $rows = VanList::of([self::slot(self::dimmer(), fit: $little), self::slot(self::dimmer(), fit: $has)])->rows();

        self::assertSame(2, self::counts($rows, VanKind::Small)['Bypasses for lamps']);
    }

    public function test_tools_follow_from_the_work(): void
    {
        $tools = static fn (VanSlot ...$slots): array => array_keys(self::counts(VanList::of(array_values($slots))->rows(), VanKind::Tool));

        self::assertSame(['Pin'], $tools(self::slot(self::motion(), heightM: 2.2)));
        self::assertSame(['Ladder', 'Pin'], $tools(self::slot(self::motion(), heightM: 2.21)));
        self::assertSame(['Drill and screws'], $tools(self::slot(self::blind())));
        self::assertSame(
            ['Insulated screwdrivers', 'Lock and tag', 'Two-pole voltage detector, and a known source'],
            $tools(self::slot(self::dimmer())),
        );
        self::assertSame([], $tools(self::slot(self::dimmer(), open: [Stage::Pair])));
        $high = [self::slot(self::motion(), heightM: 3), self::slot(self::blind(), heightM: 3)];
        $rows = VanList::of([...$high, self::slot(self::dimmer())])->rows();
        self::assertSame([1], array_values(array_unique(self::counts($rows, VanKind::Tool))));
        self::assertContains('2 over 2.2 m', array_column($rows, 'why'));
    }

    public function test_minutes_are_those_of_the_profile_or_the_usual(): void
    {
        self::assertSame(5 + 6 + 1 + 3, self::slot(self::motion())->minutes());
        self::assertSame(20 + 6 + 1 + 3, self::slot(self::dimmer())->minutes());
        self::assertSame(25 + 6, self::slot(self::blind(), open: [Stage::Fit, Stage::Pair])->minutes());
        $said = self::profile('motion', ['minutes' => ['fit' => 40, 'pair' => 0]]);
        self::assertSame(40, self::slot($said, open: [Stage::Fit, Stage::Pair])->minutes());
    }

    /**
     * @param  list<Stage>  $open
     * @param  list<Wire>  $wires
     */
    private static function slot(
        Profile $profile,
        float $heightM = 1.0,
        array $open = self::ALL,
        ?BoxFit $fit = null,
        array $wires = [],
    ): VanSlot {
        return new VanSlot('slot', 'hall', null, $profile, $heightM, $open, $fit, $wires);
    }

    /** @param list<SwitchedLoad>|null $loads */
    private static function fit(FoundBox $box, ?array $loads = null): BoxFit
    {
        return BoxFit::of(FitCase::of(Boxes::dimmer(), $box, $loads ?? [Boxes::lamps()]));
    }

    private static function motion(): Profile
    {
        return self::profile('motion', [
            'name' => 'Motion sensor', 'model' => 'M-1', 'power' => 'battery', 'role' => 'end',
            'battery' => [
                'type' => 'AAA', 'count' => 2, 'chemistry' => 'alkaline', 'sleepMicroAmp' => 3, 'eventsPerDay' => 9,
                'microAmpSecondsPerEvent' => 9,
            ],
            'recipe' => ['light' => 'it blinks', 'join' => [['do' => 'pin-hold', 'seconds' => 5, 'target' => 'the hole']]],
        ]);
    }

    private static function dimmer(): Profile
    {
        return self::profile('dimmer', [
            'name' => 'Dimmer', 'model' => 'D-1', 'fitSheet' => ['depthMm' => 38, 'neutral' => 'either', 'limitsW' => ['led' => 100]],
        ]);
    }

    private static function blind(): Profile
    {
        return self::profile('blind', ['name' => 'Blind', 'blindSheet' => ['kinds' => ['roller'], 'mostWidthM' => 2]]);
    }

    /** @param array<string, mixed> $other */
    private static function profile(string $key, array $other): Profile
    {
        return Profile::fromInput(Input::of([
            'key' => $key, 'name' => $key, 'model' => 'X', 'protocol' => 'zigbee', 'role' => 'router', 'power' => 'mains',
            'capabilities' => ['on-off'], ...$other,
        ]));
    }

    /**
     * @param  list<VanRow>  $rows
     * @return array<string, int>
     */
    private static function counts(array $rows, VanKind $kind): array
    {
        $own = array_filter($rows, static fn (VanRow $one): bool => $one->kind === $kind);

        return array_column($own, 'count', 'what');
    }
}
