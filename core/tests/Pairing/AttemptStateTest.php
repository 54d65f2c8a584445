<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Pairing;

use Kavvel\Core\Pairing\AttemptEvent as Event;
use Kavvel\Core\Pairing\AttemptState as State;
use Kavvel\Core\Pairing\JoinPath;
use Kavvel\Core\Pairing\PairPhase;
use Kavvel\Core\Protocol\Protocol;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class AttemptStateTest extends TestCase
{
    /** @param array<string, State> $becomes by the state before; what is not named stays as it is */
    #[DataProvider('events')]
    public function test_what_an_event_makes_of_each_state(Event $event, array $becomes): void
    {
        foreach (State::cases() as $state) {
            $after = JoinPath::of(Protocol::Matter)->after($state, $event);
            self::assertSame($becomes[$state->value] ?? $state, $after, "{$state->value} after {$event->value}");
        }
    }

    /** @return array<string, array{Event, array<string, State>}> */
    public static function events(): array
    {
        $each = static fn (State $becomes): array => array_fill_keys(['announced', 'secured', 'networked', 'interviewing'], $becomes);
        $stopped = ['waiting' => State::Stopped, ...$each(State::Stopped)];
        $over = ['waiting' => State::Silent, ...$each(State::WindowEnded)];

        return [
            'announced' => [Event::Announced, ['waiting' => State::Announced]],
            'secured' => [Event::Secured, ['waiting' => State::Secured, 'announced' => State::Secured]],
            'networked' => [
                Event::Networked, ['waiting' => State::Networked, 'announced' => State::Networked, 'secured' => State::Networked],
            ],
            'interviewed' => [Event::Interviewed, [
                'announced' => State::Interviewing, 'secured' => State::Interviewing, 'networked' => State::Interviewing,
                'in-part' => State::Interviewing,
            ]],
            'joined' => [Event::Joined, [...$each(State::Joined), 'in-part' => State::Joined, 'window-ended' => State::Joined]],
            'incomplete' => [Event::Incomplete, [...$each(State::InPart), 'window-ended' => State::InPart]],
            'failed' => [Event::FailedAtHub, ['waiting' => State::Failed, ...$each(State::Failed)]],
            'the time is up' => [Event::TimeUp, $over],
            'the hub restarted' => [Event::HubRestarted, $over],
            'closed by hand' => [Event::ClosedByHand, $stopped],
            'replaced' => [Event::Replaced, $stopped],
            'refused' => [Event::Refused, $stopped],
            'opened after all' => [Event::OpenedAfterAll, ['stopped' => State::Waiting]],
        ];
    }

    public function test_a_state_is_open_a_failure_or_neither(): void
    {
        $open = array_values(array_filter(State::cases(), static fn (State $state): bool => $state->isOpen()));
        $failed = array_values(array_filter(State::cases(), static fn (State $state): bool => $state->isFailure()));

        self::assertSame([State::Waiting, State::Announced, State::Secured, State::Networked, State::Interviewing], $open);
        self::assertSame([State::InPart, State::Failed, State::WindowEnded, State::Silent], $failed);
        self::assertFalse(State::Waiting->isHeard());
        self::assertCount(11, array_unique(array_map(static fn (State $state): string => $state->words(), State::cases())));
    }

    public function test_each_protocol_has_stages_of_its_own(): void
    {
        $stages = [];
        foreach (Protocol::cases() as $protocol) {
            $path = JoinPath::of($protocol);
            $stages[$protocol->value] = array_map(static fn (State $stage): string => $stage->value, $path->stages);
            foreach ($path->stages as $number => $stage) {
                self::assertSame($stage !== State::Announced, $path->isPast(State::Announced, $stage));
                self::assertSame($number < count($path->stages), $path->isPast($stage, State::Joined));
                self::assertFalse($path->isPast($stage, State::Waiting));
                self::assertNotSame('', $path->words($stage));
            }
        }

        self::assertSame([
            'zigbee' => ['announced', 'secured', 'interviewing'],
            'zwave' => ['announced', 'secured', 'interviewing'],
            'thread' => ['announced', 'secured', 'networked', 'interviewing'],
            'matter' => ['announced', 'secured', 'networked', 'interviewing'],
            'wifi' => ['announced', 'networked', 'interviewing'],
            'bluetooth' => ['announced', 'secured', 'interviewing'],
            'ir' => [], 'rf' => [], 'wired' => [],
        ], $stages);
    }

    public function test_a_stage_that_a_protocol_has_not_is_passed_over(): void
    {
        self::assertSame(State::Announced, JoinPath::of(Protocol::Zigbee)->after(State::Announced, Event::Networked));
        self::assertSame(State::Announced, JoinPath::of(Protocol::Wifi)->after(State::Announced, Event::Secured));
    }

    #[DataProvider('phases')]
    public function test_the_phase_of_a_slot(bool $isOpening, bool $isOpen, ?State $attempt, ?State $offered, PairPhase $phase): void
    {
        self::assertSame($phase, PairPhase::of($isOpening, $isOpen, $attempt, $offered));
    }

    /** @return array<string, array{bool, bool, State|null, State|null, PairPhase}> */
    public static function phases(): array
    {
        return [
            'never tried' => [false, false, null, null, PairPhase::Idle],
            'asked for' => [true, false, State::Waiting, null, PairPhase::Opening],
            'open' => [false, true, State::Waiting, null, PairPhase::Waiting],
            'heard' => [false, true, State::Announced, null, PairPhase::Announced],
            'secured' => [false, true, State::Secured, null, PairPhase::Secured],
            'on the network' => [false, true, State::Networked, null, PairPhase::Networked],
            'asked what it can do' => [false, true, State::Interviewing, null, PairPhase::Interviewing],
            'in, and the window still open' => [false, true, State::Joined, State::Joined, PairPhase::Offer],
            'in, and the window gone' => [false, false, State::WindowEnded, State::Joined, PairPhase::Offer],
            'in with a part' => [false, true, State::InPart, State::InPart, PairPhase::InPart],
            'in, but of somebody else' => [false, true, State::Joined, null, PairPhase::OpenStill],
            'open, and stopped' => [false, true, State::Stopped, null, PairPhase::OpenStill],
            'open without an attempt' => [false, true, null, null, PairPhase::OpenStill],
            'failed, and the window still open' => [false, true, State::Failed, null, PairPhase::Failed],
            'failed' => [false, false, State::Silent, null, PairPhase::Failed],
            'stopped by hand' => [false, false, State::Stopped, null, PairPhase::Idle],
        ];
    }

    public function test_a_window_that_is_open_or_asked_for_holds_the_place(): void
    {
        $holding = array_values(array_filter(PairPhase::cases(), static fn (PairPhase $phase): bool => $phase->holdsWindow()));
        $heard = array_values(array_filter(PairPhase::cases(), static fn (PairPhase $phase): bool => $phase->isHeard()));

        self::assertSame(
            [
                PairPhase::Opening, PairPhase::Waiting, PairPhase::Announced, PairPhase::Secured, PairPhase::Networked,
                PairPhase::Interviewing, PairPhase::Excluding, PairPhase::OpenStill,
            ],
            $holding,
        );
        self::assertSame([
            PairPhase::Announced, PairPhase::Secured, PairPhase::Networked, PairPhase::Interviewing, PairPhase::Offer,
        ], $heard);
    }

    public function test_nothing_comes_any_more_of_one_that_is_over(): void
    {
        self::assertSame(
            [State::Failed, State::WindowEnded, State::Silent, State::Stopped],
            array_values(array_filter(State::cases(), static fn (State $one): bool => $one->isOver())),
        );
    }
}
