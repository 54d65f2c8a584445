<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Fit;

use Kavvel\Core\Catalogue\WireRole;
use Kavvel\Core\Fit\Evidence;
use Kavvel\Core\Fit\FoundBox;
use Kavvel\Core\Fit\NeutralFound;
use Kavvel\Core\Fit\Wire;
use Kavvel\Core\Fit\WireRemark;
use Kavvel\Core\Fit\Worksheet;
use Kavvel\Core\Input\Input;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class WorksheetTest extends TestCase
{
    public function test_a_box_that_is_wired_soundly_says_nothing(): void
    {
        self::assertSame([], self::said(Boxes::worksheet()));
        self::assertTrue(Boxes::worksheet()->isSound());
    }

    public function test_without_a_photograph_nothing_is_loosened(): void
    {
        self::assertSame(['no-picture'], self::said(Worksheet::of(Boxes::wires(), Boxes::dimmer(), Boxes::box(), false)));
    }

    public function test_an_empty_sheet_is_open(): void
    {
        self::assertSame(['no-wires'], self::said(Worksheet::of([], Boxes::dimmer(), Boxes::box(), true)));
    }

    /** @param list<string> $faults */
    #[DataProvider('wires')]
    public function test_it_says_what_is_open_or_wrong_of_a_conductor(Wire $wire, array $faults): void
    {
        $wires = array_values(array_filter(Boxes::wires(), static fn (Wire $one): bool => $one->name !== $wire->name));

        self::assertSame($faults, self::said(Worksheet::of([...$wires, $wire], Boxes::dimmer(), Boxes::box(), true)));
    }

    /** @return array<string, array{Wire, list<string>}> */
    public static function wires(): array
    {
        $line = WireRole::Line;
        $live = Evidence::AlwaysLive;
        $traveller = static fn (string $goesTo, bool $isFarEndSafe = false): Wire => new Wire(
            'grey',
            'L2',
            WireRole::Traveller,
            Evidence::Continuity,
            $goesTo,
            $isFarEndSafe,
        );

        return [
            'nobody said where it was' => [new Wire('brown', '', $line, $live, 'L'), ['was-nowhere']],
            'nobody said what it is' => [new Wire('brown', 'COM', null, null, 'L'), ['no-role']],
            'nobody said how that is known' => [new Wire('brown', 'COM', $line, null, 'L'), ['not-proved']],
            'its colour is a guess' => [new Wire('brown', 'COM', $line, Evidence::Colour, 'L'), ['not-proved']],
            'nobody said where it goes' => [new Wire('brown', 'COM', $line, $live), ['no-way', 'terminal-empty']],
            'a terminal that is not there' => [new Wire('brown', 'COM', $line, $live, 'L3'), ['no-such-terminal', 'terminal-empty']],
            'the wrong terminal' => [new Wire('brown', 'COM', $line, $live, 'N'), ['wrong-terminal', 'terminal-empty']],
            'an earth as a neutral' => [new Wire('green-yellow', 'box', WireRole::Earth, Evidence::Traced, 'N'), ['wrong-terminal']],
            'an earth left off' => [new Wire('green-yellow', 'box', WireRole::Earth, Evidence::Traced, Wire::CAPPED, true), ['earth-used']],
            'the line left off' => [new Wire('brown', 'COM', $line, $live, Wire::CAPPED, true), ['line-capped', 'terminal-empty']],
            'a traveller that is safe at both ends' => [$traveller(Wire::CAPPED, true), []],
            'a traveller whose other end is open' => [$traveller(Wire::CAPPED), ['far-end-open']],
            'alone in a connector' => [$traveller(Wire::CONNECTOR), ['connector-alone']],
            'a bus beside the mains' => [
                new Wire('white', 'a bus', WireRole::ExtraLow, Evidence::Traced, Wire::CAPPED, true), ['low-beside-mains'],
            ],
            'no earth at all' => [new Wire('green-yellow', 'box', WireRole::Traveller, Evidence::Traced, Wire::CAPPED, true), ['no-earth']],
        ];
    }

    public function test_a_line_that_nothing_takes_may_be_capped(): void
    {
        $sheet = Boxes::dimmer(['terminals' => [['mark' => 'O', 'takes' => 'switched']]]);
        $wires = [new Wire('brown', 'COM', WireRole::Line, Evidence::AlwaysLive, Wire::CAPPED, true), Boxes::wires()[1], Boxes::wires()[3]];

        self::assertSame([], self::said(Worksheet::of($wires, $sheet, Boxes::box(), true)));
    }

    public function test_a_barrier_parts_mains_and_bus(): void
    {
        $bus = new Wire('white', 'a bus', WireRole::ExtraLow, Evidence::Traced, Wire::CAPPED, true);
        $box = new FoundBox(60, 0, 2, 1, NeutralFound::Own, hasBarrier: true);

        self::assertSame([], self::said(Worksheet::of([...Boxes::wires(), $bus], Boxes::dimmer(), $box, true)));
    }

    public function test_a_metal_box_is_earthed(): void
    {
        $box = new FoundBox(60, 0, 2, 1, NeutralFound::Own, isMetal: true);
        $wires = Boxes::wires();
        $joined = [$wires[0], $wires[1], $wires[2], new Wire('green-yellow', 'box', WireRole::Earth, Evidence::Traced, Wire::CONNECTOR)];

        self::assertSame([], self::said(Worksheet::of($wires, Boxes::dimmer(), $box, true)));
        self::assertSame(['box-not-earthed', 'connector-alone'], self::said(Worksheet::of($joined, Boxes::dimmer(), $box, true)));
    }

    public function test_conductors_of_a_kind_are_joined_and_a_link_goes_to_the_device(): void
    {
        $line = static fn (string $name, string $goesTo): Wire => new Wire($name, 'COM', WireRole::Line, Evidence::AlwaysLive, $goesTo);
        $rest = array_slice(Boxes::wires(), 1);
        $said = static fn (Wire ...$lines): array => self::said(
            Worksheet::of([...array_values($lines), ...$rest], Boxes::dimmer(), Boxes::box(), true),
        );

        self::assertSame([], $said($line('brown', Wire::CONNECTOR), $line('brown 2', Wire::CONNECTOR)));
        self::assertSame([], $said($line('brown', Wire::CONNECTOR)));
        self::assertSame(['connector-alone'], $said($line('brown', 'L'), $line('brown 2', Wire::CONNECTOR)));
    }

    public function test_remarks_are_told_to_a_person(): void
    {
        $wires = [new Wire('brown', 'COM', WireRole::Switched, Evidence::Colour, 'L'), ...array_slice(Boxes::wires(), 1)];

        self::assertSame([
            'Brown: its colour is a guess. Measure it, or follow it to its end.',
            'Brown: L takes the line, always live, and this is to the lamp.',
        ], array_map(
            static fn (WireRemark $one): string => $one->words,
            Worksheet::of($wires, Boxes::dimmer(), Boxes::box(), true)->remarks(),
        ));
    }

    public function test_it_says_how_to_leave_the_box_as_it_was(): void
    {
        $sheet = Worksheet::of([...Boxes::wires(), new Wire('grey')], Boxes::dimmer(), Boxes::box(), true);

        self::assertSame('Brown back to COM', $sheet->putBack()[0]);
        self::assertSame('Grey where the photograph shows it', $sheet->putBack()[4]);
    }

    public function test_a_conductor_is_kept_and_read_again(): void
    {
        foreach ([...Boxes::wires(), new Wire('grey')] as $wire) {
            self::assertEquals($wire, Wire::fromInput(Input::of($wire->row())));
        }
    }

    /** @return list<string> */
    private static function said(Worksheet $sheet): array
    {
        return array_map(static fn (WireRemark $one): string => $one->fault->value, $sheet->remarks());
    }
}
