<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Fit;

use Kavvel\Core\Catalogue\Profile;
use Kavvel\Core\Fit\BoxFit;
use Kavvel\Core\Fit\CircuitWork;
use Kavvel\Core\Fit\FitCase;
use Kavvel\Core\Fit\FitMove;
use Kavvel\Core\Fit\FitStanding;
use Kavvel\Core\Fit\FitTask;
use Kavvel\Core\Fit\FittingOrder;
use Kavvel\Core\Fit\FittingStop;
use Kavvel\Core\Fit\Hanging;
use Kavvel\Core\Fit\HungSlot;
use Kavvel\Core\Fit\NeutralFound;
use Kavvel\Core\Fit\WiredSlot;
use Kavvel\Core\Input\Input;
use Kavvel\Core\Pairing\PairingOrder;
use Kavvel\Core\Proving\Outcome;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class FittingOrderTest extends TestCase
{
    #[DataProvider('standings')]
    public function test_a_device_stands_where_it_stands(WiredSlot $slot, FitStanding $standing, FitTask $task): void
    {
        self::assertSame($standing, $slot->standing());
        self::assertSame($task, FitMove::for($slot, FittingOrder::of([$slot])[0])->task);
    }

    /** @return array<string, array{WiredSlot, FitStanding, FitTask}> */
    public static function standings(): array
    {
        $fits = Boxes::fit();
        $stop = BoxFit::of(FitCase::of(Boxes::dimmer(['neutral' => 'needed']), Boxes::box(neutral: NeutralFound::None), [Boxes::lamps()]));
        $if = BoxFit::of(FitCase::of(Boxes::dimmer(), Boxes::box(30), [Boxes::lamps()]));

        return [
            'no circuit' => [self::slot('hall', null, $fits), FitStanding::NeedsCircuit, FitTask::SayCircuit],
            'no box' => [self::slot('hall', 'c', null), FitStanding::NeedsBox, FitTask::LookIntoBox],
            'a stop' => [self::slot('hall', 'c', $stop), FitStanding::DoesNotFit, FitTask::Settle],
            'a condition' => [self::slot('hall', 'c', $if), FitStanding::NeedsChange, FitTask::Settle],
            'ready' => [self::slot('hall', 'c', $fits), FitStanding::Ready, FitTask::Work],
            'its box open' => [self::slot('hall', 'c', $fits, Boxes::opened()), FitStanding::UnderWork, FitTask::Work],
            'another box open' => [self::slot('stair', 'c', $fits, Boxes::opened()), FitStanding::Ready, FitTask::Work],
            'in, circuit off' => [self::slot('stair', 'c', $fits, Boxes::off(), true), FitStanding::WaitsForPower, FitTask::SwitchOn],
            'in, circuit live' => [self::slot('hall', 'c', $fits, null, true), FitStanding::ToTry, FitTask::TryByHand],
            'in before anything was noted' => [self::slot('hall', null, null, null, true), FitStanding::ToTry, FitTask::TryByHand],
            'tried' => [self::slot('hall', 'c', $fits, null, true, true), FitStanding::Done, FitTask::Nothing],
        ];
    }

    public function test_each_circuit_is_off_once_and_its_slots_are_together_room_by_room(): void
    {
        $fits = Boxes::fit();
        $stops = FittingOrder::of([
            self::slot('hall', 'lights', $fits), self::slot('bath', 'bath', $fits), self::slot('stair', 'lights', $fits, room: 'stair'),
            self::slot('hall-2', 'lights', $fits),
        ]);

        self::assertSame(['lights', 'bath'], array_map(static fn (FittingStop $stop): ?string => $stop->circuit, $stops));
        self::assertSame(['hall', 'hall-2', 'stair'], array_column($stops[0]->slots, 'key'));
        self::assertSame('3 devices hang on it, in 2 rooms: it is off once.', $stops[0]->why);
        self::assertSame('One device hangs on it.', $stops[1]->why);
        $one = FittingOrder::of([self::slot('a', 'lights', $fits), self::slot('b', 'lights', $fits)])[0];
        self::assertSame('2 devices of one room hang on it: it is off once.', $one->why);
        self::assertSame('All of it is in.', FittingOrder::of([self::slot('a', 'lights', $fits, null, true)])[0]->why);
        self::assertSame(0, FittingOrder::of([self::slot('a', 'lights', $fits, null, true)])[0]->minutes);
        self::assertSame(3 * 20 + FittingOrder::ISOLATION_MINUTES + 2 * FittingOrder::BOX_MINUTES, $stops[0]->minutes);
    }

    public function test_what_comes_first_has_its_reason(): void
    {
        $fits = Boxes::fit();
        $stops = FittingOrder::of([
            self::slot('done', 'done', $fits, null, true, true),
            self::slot('nowhere', null, $fits),
            self::slot('open', 'open', null),
            self::slot('lamp', 'lamp', $fits),
            self::slot('relay', 'relay', $fits, relays: true),
            self::slot('try', 'try', $fits, null, true),
            self::slot('hall', 'off', $fits, Boxes::off()),
        ]);

        self::assertSame(
            ['off', 'try', 'relay', 'lamp', 'open', null, 'done'],
            array_map(static fn (FittingStop $stop): ?string => $stop->circuit, $stops),
        );
    }

    public function test_what_is_in_already_does_not_make_a_circuit_more_worth(): void
    {
        $fits = Boxes::fit();
        $stops = FittingOrder::of([
            self::slot('a', 'mostly-in', $fits), self::slot('b', 'mostly-in', $fits, null, true, true),
            self::slot('c', 'mostly-in', $fits, null, true, true), self::slot('d', 'two-open', $fits), self::slot('e', 'two-open', $fits),
        ]);

        self::assertSame(['two-open', 'mostly-in'], array_map(static fn (FittingStop $stop): ?string => $stop->circuit, $stops));
    }

    public function test_one_goes_on_where_one_has_a_box_open(): void
    {
        $fits = Boxes::fit();
        $work = Boxes::off('hall')->accept(Boxes::act('Bo'))->open('stair', Boxes::CONDUCTORS, Boxes::act('Bo'));
        $stops = FittingOrder::of([
            self::slot('hall', 'c', $fits, $work), self::slot('stair', 'c', $fits, $work), self::slot('bath', 'b', $fits),
        ]);

        self::assertSame('hall', FitMove::of($stops, [], 'Ada')->slot?->key);
        self::assertSame('stair', FitMove::of($stops, [], 'Bo')->slot?->key);
        self::assertSame('bath', FitMove::of($stops, [], 'Cy')->slot?->key);
    }

    public function test_what_is_open_is_settled_before_its_circuit_is_switched_off(): void
    {
        $stops = FittingOrder::of([self::slot('hall', 'c', Boxes::fit()), self::slot('stair', 'c', null)]);

        self::assertSame('stair', FitMove::of($stops, [], 'Ada')->slot?->key);
        self::assertSame(FitTask::LookIntoBox, FitMove::of($stops, [], 'Ada')->task);
    }

    public function test_a_circuit_on_which_all_is_in_goes_on_again(): void
    {
        $work = Boxes::dead()->fit('hall', Boxes::worksheet(), Boxes::act());
        $move = FitMove::of(FittingOrder::of([self::slot('hall', 'c', Boxes::fit(), $work, true)]), [], 'Bo');

        self::assertSame(FitTask::SwitchOn, $move->task);
    }

    public function test_nothing_is_left(): void
    {
        self::assertSame(FitTask::Nothing, FitMove::of([], [], 'Ada')->task);
        $done = FittingOrder::of([self::slot('hall', 'c', null, null, true, true)]);
        self::assertSame(FitTask::Nothing, FitMove::of($done, [], 'Ada')->task);
    }

    public function test_what_is_on_its_network_where_it_will_live_has_been_wired(): void
    {
        self::assertTrue(WiredSlot::isTakenAsFitted(true, false, PairingOrder::AtBench));
        self::assertTrue(WiredSlot::isTakenAsFitted(false, true, PairingOrder::InPlace));
        self::assertFalse(WiredSlot::isTakenAsFitted(false, true, PairingOrder::AtBench));
        self::assertFalse(WiredSlot::isTakenAsFitted(false, false, PairingOrder::InPlace));
    }

    public function test_what_is_tried_or_told_why_not_or_on_its_network_is_past_the_hand(): void
    {
        self::assertTrue(WiredSlot::isTakenAsTried(true, null));
        self::assertTrue(WiredSlot::isTakenAsTried(false, Outcome::Passed));
        self::assertTrue(WiredSlot::isTakenAsTried(false, Outcome::NotTested));
        self::assertFalse(WiredSlot::isTakenAsTried(false, Outcome::Failed));
        self::assertFalse(WiredSlot::isTakenAsTried(false, null));
    }

    public function test_what_goes_into_the_wall_or_is_put_up_is_fitted_first_where_it_will_live(): void
    {
        $profile = static fn (array $other): Profile => Profile::fromInput(Input::of([
            'key' => 'x', 'name' => 'X', 'model' => 'X', 'protocol' => 'zigbee', 'role' => 'end', 'power' => 'mains',
            'capabilities' => ['on-off'], ...$other,
        ]));
        $wired = $profile(['fitSheet' => ['depthMm' => 20, 'neutral' => 'needed', 'limitsW' => ['led' => 9]]]);

        self::assertTrue(WiredSlot::isFittedFirst($wired, PairingOrder::InPlace));
        self::assertFalse(WiredSlot::isFittedFirst($wired, PairingOrder::AtBench));
        $blind = $profile(['blindSheet' => ['kinds' => ['roller'], 'mostWidthM' => 2]]);
        self::assertTrue(WiredSlot::isFittedFirst($blind, PairingOrder::InPlace));
        self::assertFalse(WiredSlot::isFittedFirst($profile([]), PairingOrder::InPlace));
    }

    public function test_one_on_the_wrong_side_of_a_two_way_circuit_is_changed_first(): void
    {
        $slot = new WiredSlot('hall', 'hall', 'c', Boxes::fit(), null, false, false, 20, isOnWrongSide: true);

        self::assertSame(FitStanding::NeedsChange, $slot->standing());
        self::assertTrue($slot->standing()->isUnsettled());
        self::assertFalse($slot->standing()->isFitted());
        self::assertStringStartsWith('It is on the side', (string) $slot->obstacle());
        self::assertNull(self::slot('hall', 'c', Boxes::fit())->obstacle());
        self::assertSame('Nobody has looked into its box.', self::slot('hall', 'c', null)->obstacle());
        $both = BoxFit::of(FitCase::of(Boxes::dimmer(['neutral' => 'needed']), Boxes::box(20, neutral: NeutralFound::None), []));
        self::assertSame('It needs a neutral, and there is none in the box.', self::slot('hall', 'c', $both)->obstacle());
    }

    public function test_blinds_come_when_nothing_is_left_that_goes_into_the_wall(): void
    {
        $blind = new HungSlot('blind', 'hall', Hanging::none([]), false, false);
        $taught = new HungSlot('taught', 'hall', Hanging::none([]), true, false);
        $done = new HungSlot('done', 'hall', Hanging::none([]), true, true);
        $wired = FittingOrder::of([self::slot('hall', 'c', null)]);

        self::assertSame('hall', FitMove::of($wired, [$blind], 'Ada')->key());
        $next = FitMove::of([], [$done, $blind], 'Ada');
        self::assertSame([FitTask::Hang, 'blind'], [$next->task, $next->key()]);
        self::assertSame(FitTask::TryByHand, FitMove::of([], [$taught], 'Ada')->task);
        self::assertSame(FitTask::Nothing, FitMove::of([], [$done], 'Ada')->task);
        self::assertSame(['to put up', 'try by hand', 'fitted'], [$blind->standing(), $taught->standing(), $done->standing()]);
    }

    private static function slot(
        string $key,
        ?string $circuit,
        ?BoxFit $fit,
        ?CircuitWork $work = null,
        bool $isFitted = false,
        bool $isTried = false,
        bool $relays = false,
        string $room = 'hall',
    ): WiredSlot {
        return new WiredSlot($key, $room, $circuit, $fit, $work, $isFitted, $isTried, 20, $relays);
    }
}
