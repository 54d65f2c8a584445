<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Fit;

use Closure;
use DateTimeZone;
use Kavvel\Core\Fit\CircuitWork;
use Kavvel\Core\Fit\Detector;
use Kavvel\Core\Fit\EnergySource;
use Kavvel\Core\Fit\IsolationState;
use Kavvel\Core\Fit\SiteTest;
use Kavvel\Core\Fit\SourceFound;
use Kavvel\Core\Fit\Wire;
use Kavvel\Core\Fit\WorkRefused;
use Kavvel\Core\Fit\Worksheet;
use Kavvel\Core\Input\Input;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class CircuitWorkTest extends TestCase
{
    public function test_step_by_step_a_device_is_fitted_and_the_circuit_is_live_again(): void
    {
        $work = Boxes::dead();
        self::assertSame(IsolationState::ProvedDead, $work->record('hall')?->state());

        $work = $work->fit('hall', Boxes::worksheet(), Boxes::act());
        self::assertTrue($work->box('hall')?->isFitted);
        self::assertTrue($work->isOff());

        $work = $work->unlock(Boxes::act())->switchOn(Boxes::act());
        self::assertFalse($work->isUnderWay());
        self::assertFalse($work->isOff());
    }

    /** @param Closure(): CircuitWork $act */
    #[DataProvider('refusals')]
    public function test_what_can_not_be_done_yet_is_refused_in_words(Closure $act, string $words): void
    {
        $this->expectException(WorkRefused::class);
        $this->expectExceptionMessage($words);

        $act();
    }

    /** @return array<string, array{Closure(): CircuitWork, string}> */
    public static function refusals(): array
    {
        $ada = Boxes::act();
        $bo = Boxes::act('Bo');
        $tomorrow = Boxes::act(at: '2026-11-21T07:00:00Z');
        $off = Boxes::off(...);
        $sheet = Boxes::worksheet();

        return [
            'by somebody who has not said that they may' => [
                static fn () => CircuitWork::begin()->look(EnergySource::Solar, SourceFound::None, $ada), 'Say first that you may',
            ],
            'a box before all sources were looked for' => [
                static fn () => CircuitWork::begin()->accept($ada)->open('hall', Boxes::CONDUCTORS, $ada), 'Look first: A second circuit',
            ],
            'a box with one conductor' => [
                static fn () => Boxes::opened()->putBack('hall', $ada)->open('hall', ['brown', 'brown'], $ada),
                'note all that come into the box',
            ],
            'a box that nobody began at' => [static fn () => Boxes::opened()->readLive('stair', 231, $ada), 'Nobody has begun'],
            'the box of another' => [static fn () => Boxes::opened()->accept($bo)->readLive('hall', 231, $bo), 'Ada works at this box'],
            'to begin at the box of another' => [
                static fn () => Boxes::opened()->accept($bo)->open('hall', Boxes::CONDUCTORS, $bo), 'Ada works at this box',
            ],
            'a reading before the detector' => [static fn () => Boxes::opened()->readLive('hall', 231, $ada), 'Prove the detector'],
            'a reading with a detector that fails' => [
                static fn () => Boxes::opened()->proveBefore('hall', Detector::Fails, $ada)->readLive('hall', 231, $ada),
                'Prove the detector',
            ],
            'a live reading that is none' => [
                static fn () => Boxes::opened()->proveBefore('hall', Detector::Works, $ada)->readLive('hall', 0, $ada),
                '0 V with the breaker on',
            ],
            'a live reading once it is off' => [static fn () => $off()->readLive('hall', 231, $ada), 'switched off already'],
            'off before it was read live' => [static fn () => Boxes::opened()->switchOff($ada), 'Read it live first'],
            'a lock before it is off' => [static fn () => Boxes::opened()->lock($ada), 'Switch the circuit off first'],
            'a tag before the lock' => [static fn () => Boxes::opened()->tag($ada), 'Your own lock and tag'],
            'a reading under the lock of another' => [
                static fn () => $off()->accept($bo)->open('stair', Boxes::CONDUCTORS, $bo)
                    ->proveBefore('stair', Detector::Works, $bo)->readDead('stair', 'brown', 'blue', 0, $bo),
                'Your own lock and tag',
            ],
            'a pair that is none' => [static fn () => $off()->readDead('hall', 'brown', 'grey', 0, $ada), 'brown to grey is no pair'],
            'a conductor to itself' => [static fn () => $off()->readDead('hall', 'brown', 'brown', 0, $ada), 'is no pair'],
            'the detector again before every pair' => [
                static fn () => $off()->readDead('hall', 'brown', 'black', 0, $ada)->proveAfter('hall', Detector::Works, $ada),
                'Not measured yet: brown to blue',
            ],
            'on after 24 V' => [
                static fn () => $off()->readDead('hall', 'brown', 'blue', 24, $ada)->readDead('hall', 'brown', 'black', 0, $ada),
                'The work stands still: 24 V between brown and blue.',
            ],
            'the detector after 24 V' => [
                static fn () => Boxes::read($off(), volts: 0)->readDead('hall', 'brown', 'blue', 24, $ada)
                    ->proveAfter('hall', Detector::Works, $ada),
                'The work stands still',
            ],
            'the detector once more after 24 V' => [
                static fn () => $off()->readDead('hall', 'brown', 'blue', 24, $ada)->proveBefore('hall', Detector::Works, $ada),
                'The work stands still',
            ],
            'fitted before it is proved' => [static fn () => $off()->fit('hall', $sheet, $ada), 'not proved dead today'],
            'fitted before the detector was proved again' => [
                static fn () => Boxes::read($off())->fit('hall', $sheet, $ada), 'not proved dead today',
            ],
            'fitted after a detector that failed' => [
                static fn () => Boxes::read($off())->proveAfter('hall', Detector::Fails, $ada)->fit('hall', $sheet, $ada),
                'not proved dead today',
            ],
            'fitted on the next day' => [static fn () => Boxes::dead()->fit('hall', $sheet, $tomorrow), 'not proved dead today'],
            'fitted with conductors that are not settled' => [
                static fn () => Boxes::dead()->fit('hall', Worksheet::of([], Boxes::dimmer(), null, true), $ada), 'No conductors are noted',
            ],
            'fitted with a conductor that nobody measured' => [
                static fn () => Boxes::dead()->fit('hall', Worksheet::of([new Wire('grey')], Boxes::dimmer(), null, true), $ada),
                'The grey conductor was not among',
            ],
            'fitted twice' => [
                static fn () => Boxes::dead()->fit('hall', $sheet, $ada)->fit('hall', $sheet, $ada), 'in and closed already',
            ],
            'begun at again when it is fitted' => [
                static fn () => Boxes::dead()->fit('hall', $sheet, $ada)->open('hall', Boxes::CONDUCTORS, $ada), 'in and closed already',
            ],
            'the lock off while the own box is open' => [static fn () => Boxes::dead()->unlock($ada), 'Work is still open: hall'],
            'live while a box is open' => [static fn () => Boxes::dead()->switchOn($ada), 'Work is still open: hall'],
            'live while a lock is on' => [
                static fn () => Boxes::dead()->fit('hall', $sheet, $ada)->switchOn($ada), 'Still locked off by Ada',
            ],
            'the lock of another by somebody who has no part in it' => [
                static fn () => Boxes::dead()->relieve('Ada', $bo), 'Say first that you may',
            ],
            'live by somebody who has no part in it' => [
                static fn () => Boxes::dead()->fit('hall', $sheet, $ada)->unlock($ada)->switchOn($bo), 'Say first that you may',
            ],
            'anything once it is live again' => [
                static fn () => Boxes::opened()->putBack('hall', $ada)->switchOn($ada)->accept($ada), 'live again',
            ],
            'another breaker while somebody else relies on this one' => [
                static fn () => $off()->accept($bo)->open('stair', Boxes::CONDUCTORS, $bo)->notThisBreaker('hall', $ada),
                'Work is still open: stair',
            ],
            'another breaker while somebody else has it locked' => [
                static fn () => $off()->accept($bo)->lock($bo)->notThisBreaker('hall', $ada), 'Still locked off by Bo',
            ],
        ];
    }

    public function test_a_detector_that_fails_afterwards_makes_every_reading_worth_nothing(): void
    {
        $work = Boxes::read(Boxes::off())->proveAfter('hall', Detector::Fails, Boxes::act());

        self::assertSame([], $work->box('hall')?->dead);
        self::assertSame(Detector::NotTried, $work->box('hall')->before);
    }

    public function test_a_reading_that_is_not_dead_stands_until_it_is_proved_anew(): void
    {
        $work = Boxes::off()->readDead('hall', 'brown', 'blue', 24, Boxes::act());
        self::assertSame('24 V between brown and blue.', $work->box('hall')?->stopped);

        $work = $work->proveAnew('hall', Boxes::act())->proveBefore('hall', Detector::Works, Boxes::act());
        $work = Boxes::read($work)->proveAfter('hall', Detector::Works, Boxes::act());
        self::assertSame(IsolationState::ProvedDead, $work->record('hall')?->state());
    }

    public function test_a_breaker_that_does_not_kill_it_goes_on_again_and_it_is_read_live_anew(): void
    {
        $work = Boxes::off()->readDead('hall', 'brown', 'blue', 231, Boxes::act())->notThisBreaker('hall', Boxes::act());

        self::assertFalse($work->isOff());
        self::assertNull($work->liveV);
        self::assertFalse($work->hasLockOf('Ada'));
        self::assertTrue($work->box('hall')?->isOpen());
        self::assertNull($work->box('hall')->stopped);
    }

    public function test_two_people_each_have_their_box_and_their_lock(): void
    {
        $bo = Boxes::act('Bo');
        $work = Boxes::dead()->accept($bo)->open('stair', Boxes::CONDUCTORS, $bo)->lock($bo)->tag($bo)
            ->proveBefore('stair', Detector::Works, $bo);
        $work = Boxes::read($work, 'stair', 'Bo')->proveAfter('stair', Detector::Works, $bo);
        $work = $work->fit('hall', Boxes::worksheet(), Boxes::act())->unlock(Boxes::act());

        self::assertSame(['Bo'], array_keys($work->locks));
        self::assertSame(['stair'], array_keys($work->openBoxes()));
        self::assertTrue($work->fit('stair', Boxes::worksheet(), $bo)->box('stair')?->isFitted);
    }

    public function test_what_comes_out_again_can_be_begun_at_anew(): void
    {
        $work = Boxes::dead()->fit('hall', Boxes::worksheet(), Boxes::act())->takeOut('hall');

        self::assertFalse($work->box('hall')?->isFitted);
        self::assertTrue($work->open('hall', Boxes::CONDUCTORS, Boxes::act())->box('hall')?->isOpen());
        self::assertTrue(Boxes::dead()->takeOut('hall')->box('hall')?->isOpen());
        self::assertNull(Boxes::dead()->takeOut('stair')->box('stair'));
    }

    public function test_who_has_left_is_relieved_and_what_they_proved_counts_for_nothing(): void
    {
        $bo = Boxes::act('Bo');
        $work = Boxes::dead()->accept($bo)->relieve('Ada', $bo);

        self::assertSame([], $work->locks);
        self::assertSame('Bo', $work->box('hall')?->opened->by);
        self::assertNull($work->box('hall')->proved);
        self::assertTrue($work->isOff());
    }

    public function test_what_was_put_back_can_be_begun_again(): void
    {
        $work = Boxes::dead()->putBack('hall', Boxes::act())->open('hall', Boxes::CONDUCTORS, Boxes::act());

        self::assertTrue($work->box('hall')?->isOpen());
        self::assertNull($work->box('hall')->proved);
    }

    public function test_minutes_run_from_beginning_at_a_box_to_shutting_it(): void
    {
        $work = Boxes::dead();
        self::assertNull($work->box('hall')?->minutes());
        self::assertSame(1, $work->fit('hall', Boxes::worksheet(), Boxes::act())->box('hall')?->minutes());
        $later = Boxes::act(at: '2026-11-20T10:27:20Z');
        self::assertSame(27, $work->fit('hall', Boxes::worksheet(), $later)->box('hall')?->minutes());
    }

    public function test_a_reading_of_part_of_a_volt_is_told(): void
    {
        $work = Boxes::off()->readDead('hall', 'brown', 'blue', 0.44, Boxes::act());

        self::assertSame('0.4 V between brown and blue.', $work->box('hall')?->stopped);
    }

    public function test_who_else_has_a_part_in_it_is_told(): void
    {
        $bo = Boxes::act('Bo');
        $work = Boxes::off()->accept($bo)->open('stair', Boxes::CONDUCTORS, $bo);

        self::assertSame(['Ada'], $work->othersThan('Bo'));
        self::assertSame(['Bo'], $work->othersThan('Ada'));
        self::assertSame(['Ada', 'Bo'], $work->othersThan('Cy'));
        self::assertSame([], CircuitWork::begin()->othersThan('Cy'));
    }

    public function test_work_is_kept_and_read_again(): void
    {
        $test = new SiteTest('continuity', '0.3 ohm', true, Boxes::act());
        $fitted = Boxes::dead()->fit('hall', Boxes::worksheet(), Boxes::act())->test($test);
        foreach ([CircuitWork::begin(), Boxes::dead('7'), $fitted] as $work) {
            self::assertEquals($work, CircuitWork::fromInput(Input::of($work->row()), new DateTimeZone('+00:00')));
        }
    }

    public function test_a_test_may_be_recorded_after_it_is_live(): void
    {
        $work = Boxes::opened()->putBack('hall', Boxes::act())->switchOn(Boxes::act());

        self::assertCount(1, $work->test(new SiteTest('loop', '0.9 ohm', true, Boxes::act()))->tests);
    }
}
