<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\WhoIsWho;

use Eris\Generators;
use Eris\TestTrait;
use Kavvel\Core\Catalogue\Profile;
use Kavvel\Core\Protocol\Protocol;
use Kavvel\Core\WhoIsWho\Heard;
use Kavvel\Core\WhoIsWho\HeardState;
use Kavvel\Core\WhoIsWho\Trigger;
use Kavvel\Core\WhoIsWho\Voice;
use PHPUnit\Framework\TestCase;

final class HeardTest extends TestCase
{
    use TestTrait;

    public function test_nobody_has_spoken(): void
    {
        self::assertSame(HeardState::Silent, $this->heard(1, [])->state);
    }

    public function test_one_that_is_nobodys_and_fits_is_found(): void
    {
        $heard = $this->heard(1, [$this->voice('a', [1 => ['contact']])]);

        self::assertSame(HeardState::Found, $heard->state);
        self::assertTrue($heard->state->isSettled());
        self::assertSame('a', $heard->found()?->id);
    }

    public function test_another_thing_that_it_says_does_not_count(): void
    {
        self::assertSame(HeardState::Silent, $this->heard(1, [$this->voice('a', [1 => ['battery', 'temperature']])])->state);
    }

    public function test_two_that_fit_ask_for_a_second_trigger_that_tells_them_apart(): void
    {
        $first = $this->heard(1, [$this->voice('a', [1 => ['contact']]), $this->voice('b', [1 => ['contact']])]);
        self::assertSame(HeardState::Several, $first->state);
        self::assertTrue($first->state->asksAgain());
        self::assertNull($first->found());

        $second = $this->heard(2, [$this->voice('a', [1 => ['contact'], 2 => ['contact']]), $this->voice('b', [1 => ['contact']])]);
        self::assertSame('a', $second->found()?->id);
    }

    public function test_waits_for_the_second_trigger(): void
    {
        $heard = $this->heard(2, [$this->voice('a', [1 => ['contact']]), $this->voice('b', [1 => ['contact']])]);

        self::assertSame(HeardState::Silent, $heard->state);
    }

    public function test_another_one_at_the_second_trigger_muddles_it(): void
    {
        $heard = $this->heard(2, [$this->voice('a', [1 => ['contact']]), $this->voice('b', [2 => ['contact']])]);

        self::assertSame(HeardState::Muddled, $heard->state);
        self::assertFalse($heard->state->asksAgain());
    }

    public function test_one_of_another_model_is_no_device_of_this_slot(): void
    {
        $heard = $this->heard(1, [$this->voice('a', [1 => ['contact']], model: 'DOOR-7')]);

        self::assertSame(HeardState::Misfit, $heard->state);
        self::assertSame(['a'], array_column($heard->misfits, 'id'));
        self::assertSame([], $heard->fitting);
    }

    public function test_one_of_another_radio_is_none_either(): void
    {
        $voice = new Voice('a', Sensors::node(protocol: Protocol::ZWave), null, [1 => ['contact']]);

        self::assertSame(HeardState::Misfit, $this->heard(1, [$voice])->state);
    }

    public function test_another_slots_device_of_another_model_is_nobodys_business(): void
    {
        $heard = $this->heard(1, [$this->voice('a', [1 => ['contact']], 'hall-door', 'DOOR-7')]);

        self::assertSame(HeardState::Silent, $heard->state);
        self::assertSame([], $heard->misfits);
    }

    public function test_a_misfit_does_not_hide_the_right_one(): void
    {
        $heard = $this->heard(1, [
            $this->voice('a', [1 => ['contact']], model: 'DOOR-7'), $this->voice('b', [1 => ['contact']]),
        ]);

        self::assertSame('b', $heard->found()?->id);
        self::assertSame(['a'], array_column($heard->misfits, 'id'));
    }

    public function test_the_slots_own_device_shows_that_the_match_is_right(): void
    {
        $heard = $this->heard(1, [$this->voice('a', [1 => ['contact']], 'kitchen-window')]);

        self::assertSame(HeardState::Right, $heard->state);
        self::assertTrue($heard->state->isSettled());
    }

    public function test_another_slots_device_of_the_model_is_mixed_up_or_wrongly_touched(): void
    {
        $heard = $this->heard(1, [$this->voice('a', [1 => ['contact']], 'parlour-window')]);

        self::assertSame(HeardState::Taken, $heard->state);
        self::assertFalse($heard->state->isSettled());
    }

    public function test_what_it_also_tells_by_itself_has_to_be_heard_twice(): void
    {
        $climate = Sensors::profile('TH-1', ['temperature', 'humidity']);
        $once = $this->heard(1, [$this->climate('a', [1 => ['temperature']])], $climate);
        self::assertSame(HeardState::Once, $once->state);
        self::assertTrue($once->state->asksAgain());
        self::assertNull($once->found());

        $twice = $this->heard(2, [$this->climate('a', [1 => ['temperature'], 2 => ['temperature', 'humidity']])], $climate);
        self::assertSame(HeardState::Found, $twice->state);
    }

    public function test_the_one_that_is_triggered_each_time_is_never_ruled_out(): void
    {
        $this->forAll(Generators::choose(1, 4), Generators::seq(Generators::seq(Generators::bool())))
            ->then(function (int $rounds, array $noise): void {
                $said = array_fill(1, $rounds, ['contact']);
                $voices = [$this->voice('it', $said)];
                $alwaysThere = 0;
                foreach ($noise as $n => $chances) {
                    $chances = array_slice([...$chances, ...array_fill(0, $rounds, false)], 0, $rounds);
                    $alwaysThere += (int) ! in_array(false, $chances, true);
                    $heardIn = array_combine(range(1, $rounds), array_map(
                        static fn (bool $spoke): array => $spoke ? ['contact'] : [],
                        $chances,
                    ));
                    $voices[] = $this->voice("noise {$n}", $heardIn);
                }
                $heard = $this->heard($rounds, $voices);

                self::assertContains('it', array_column($heard->fitting, 'id'));
                self::assertSame($alwaysThere === 0 ? HeardState::Found : HeardState::Several, $heard->state);
            });
    }

    /** @param list<Voice> $voices */
    private function heard(int $round, array $voices, ?Profile $wanted = null): Heard
    {
        $wanted ??= Sensors::profile();
        $trigger = Trigger::of($wanted);
        self::assertNotNull($trigger);

        return Heard::of($wanted, 'kitchen-window', $trigger, $round, $voices);
    }

    /** @param array<int, list<string>> $said */
    private function voice(string $id, array $said, ?string $slot = null, string $model = 'MAG-1'): Voice
    {
        return new Voice($id, Sensors::node($model), $slot, $said);
    }

    /** @param array<int, list<string>> $said */
    private function climate(string $id, array $said): Voice
    {
        return new Voice($id, Sensors::node('TH-1', ['temperature', 'humidity']), null, $said);
    }
}
