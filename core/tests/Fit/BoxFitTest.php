<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Fit;

use Kavvel\Core\Catalogue\LoadKind;
use Kavvel\Core\Circuits\Dimmable;
use Kavvel\Core\Fit\BoxFit;
use Kavvel\Core\Fit\FitCase;
use Kavvel\Core\Fit\FitFinding;
use Kavvel\Core\Fit\FitVerdict;
use Kavvel\Core\Fit\FoundBox;
use Kavvel\Core\Fit\NeutralFound;
use Kavvel\Core\Fit\SwitchedLoad;
use Kavvel\Core\Input\Input;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class BoxFitTest extends TestCase
{
    /**
     * @param  array<string, mixed>  $sheet
     * @param  list<SwitchedLoad>  $loads
     * @param  list<string>  $codes
     */
    #[DataProvider('cases')]
    public function test_it_says_what_stands_against_a_device(
        array $sheet,
        FoundBox $box,
        array $loads,
        array $codes,
        FitVerdict $verdict,
    ): void {
        $fit = BoxFit::of(FitCase::of(Boxes::dimmer($sheet), $box, $loads));

        self::assertSame($codes, array_map(static fn (FitFinding $one): string => $one->code->value, $fit->findings));
        self::assertSame($verdict, $fit->verdict());
    }

    /** @return array<string, array{array<string, mixed>, FoundBox, list<SwitchedLoad>, list<string>, FitVerdict}> */
    public static function cases(): array
    {
        $if = FitVerdict::FitsIf;
        $not = FitVerdict::DoesNotFit;
        $lamps = [Boxes::lamps()];
        $motor = new SwitchedLoad(LoadKind::Motor, 120, 1, Dimmable::No, true);
        $kind = static fn (LoadKind $kind, float $watts): SwitchedLoad => new SwitchedLoad($kind, $watts, 1, Dimmable::Yes, false);

        return [
            'all of it fits' => [[], Boxes::box(), $lamps, [], FitVerdict::Fits],
            'just deep enough for three cables' => [[], Boxes::box(48, 3), $lamps, [], FitVerdict::Fits],
            'a fourth cable needs 5 mm more' => [[], Boxes::box(48, 4), $lamps, ['too-deep'], $if],
            'a spacer counts' => [[], new FoundBox(35, 13, 2, 1, NeutralFound::Own), $lamps, [], FitVerdict::Fits],
            'no neutral where it needs one' => [
                ['neutral' => 'needed'], Boxes::box(neutral: NeutralFound::None), $lamps, ['no-neutral'], $not,
            ],
            'no neutral where it may do without' => [[], Boxes::box(neutral: NeutralFound::None), $lamps, [], FitVerdict::Fits],
            'a borrowed neutral' => [[], Boxes::box(neutral: NeutralFound::Borrowed), $lamps, ['borrowed-neutral'], $not],
            'a borrowed neutral that it leaves alone' => [
                ['neutral' => 'not-needed'], Boxes::box(neutral: NeutralFound::Borrowed), $lamps, [], FitVerdict::Fits,
            ],
            'a kind without a limit' => [[], Boxes::box(), [$kind(LoadKind::Transformer, 20)], ['kind-not-rated'], $not],
            'a kind whose limit is nothing' => [
                ['limitsW' => ['led' => 0]], Boxes::box(), $lamps, ['kind-not-rated'], $not,
            ],
            'a motor' => [[], Boxes::box(), [$motor], ['kind-not-rated', 'motor-on-dimmer'], $not],
            'a motor on a switch that is rated for it' => [
                ['dimmer' => false, 'limitsW' => ['motor' => 150]], Boxes::box(), [$motor], [], FitVerdict::Fits,
            ],
            'all that it bears' => [[], Boxes::box(), [Boxes::lamps(10, 10)], [], FitVerdict::Fits],
            'more than it bears' => [[], Boxes::box(), [Boxes::lamps(10, 11)], ['over-load'], $not],
            'more than it bears beside another' => [[], Boxes::box(ganged: 2), [Boxes::lamps(9, 9)], ['over-load'], $not],
            'beyond its list of neighbours the last counts' => [[], Boxes::box(ganged: 9), [Boxes::lamps(7, 10)], [], FitVerdict::Fits],
            'kinds add up' => [[], Boxes::box(), [Boxes::lamps(10, 6), $kind(LoadKind::Resistive, 125)], ['over-load'], $not],
            'too little with a neutral' => [[], Boxes::box(), [Boxes::lamps(2, 1)], ['under-least-load'], $if],
            'too little without one' => [[], Boxes::box(neutral: NeutralFound::None), [Boxes::lamps(7, 2)], ['under-least-load'], $if],
            'too little, with a bypass' => [
                [], new FoundBox(60, 0, 2, 1, NeutralFound::None, hasBypass: true), [Boxes::lamps(7, 2)], [], FitVerdict::Fits,
            ],
            'too little for one that takes no neutral' => [
                ['neutral' => 'not-needed'], Boxes::box(), [Boxes::lamps(7, 2)], ['under-least-load'], $if,
            ],
            'lamps that do not dim' => [[], Boxes::box(), [Boxes::lamps(dimmable: Dimmable::No)], ['not-dimmable'], $not],
            'lamps that do not dim behind a switch' => [
                ['dimmer' => false], Boxes::box(), [Boxes::lamps(dimmable: Dimmable::No)], [], FitVerdict::Fits,
            ],
            'connected lamps' => [
                [], Boxes::box(), [new SwitchedLoad(LoadKind::Led, 9, 2, Dimmable::Yes, true)], ['connected-lamp'], $not,
            ],
            'nobody knows whether they dim' => [[], Boxes::box(), [Boxes::lamps(dimmable: Dimmable::Unknown)], ['try-dimming'], $if],
            'none of them counts for nothing' => [
                [], Boxes::box(), [...$lamps, new SwitchedLoad(LoadKind::Motor, 900, 0, Dimmable::No, true)], [], FitVerdict::Fits,
            ],
        ];
    }

    public function test_it_names_the_spacer_in_whole_millimetres(): void
    {
        $short = BoxFit::of(FitCase::of(Boxes::dimmer(), Boxes::box(35.4), [Boxes::lamps()]));
        $with = BoxFit::of(FitCase::of(Boxes::dimmer(), new FoundBox(35, 5, 2, 1, NeutralFound::Own), [Boxes::lamps()]));

        self::assertSame(13, $short->spacerMm());
        self::assertSame('A spacer of 13 mm, or a flatter device.', $short->findings[0]->change);
        self::assertSame('It needs 48 mm with its connectors, the box has 35.4 mm.', $short->findings[0]->why);
        self::assertSame('A spacer of 13 mm in all, 8 mm more, or a flatter device.', $with->findings[0]->change);
    }

    public function test_numbers_are_said(): void
    {
        $over = BoxFit::of(FitCase::of(Boxes::dimmer(), Boxes::box(ganged: 2), [Boxes::lamps(10, 9)]));
        $under = BoxFit::of(FitCase::of(Boxes::dimmer(), Boxes::box(neutral: NeutralFound::None), [Boxes::lamps(7, 2)]));

        self::assertSame('It is to switch 90 W: 113 % of what it bears with 2 side by side.', $over->findings[0]->why);
        self::assertSame('It switches 14 W, and needs 20 W without a neutral.', $under->findings[0]->why);
        self::assertEqualsWithDelta(1.125, $over->case->share(), 1e-9);
    }

    public function test_a_spacer_and_a_bypass_settle_what_they_are_for(): void
    {
        $short = new FoundBox(35.4, 2, 2, 1, NeutralFound::None, true);
        $fit = static fn (FoundBox $box): BoxFit => BoxFit::of(FitCase::of(Boxes::dimmer(), $box, [Boxes::lamps(7, 2)]));
        self::assertCount(2, $fit($short)->findings);

        $settled = $short->withSpacer($fit($short)->spacerMm())->withBypass();
        self::assertSame([], $fit($settled)->findings);
        self::assertEquals(new FoundBox(35.4, 13, 2, 1, NeutralFound::None, true, false, true), $settled);
    }

    public function test_a_box_is_kept_and_read_again(): void
    {
        $box = new FoundBox(47, 12, 4, 2, NeutralFound::Borrowed, true, true, true);

        self::assertEquals($box, FoundBox::fromInput(Input::of($box->row())));
    }
}
