<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Bus;

use Kavvel\Core\Bus\BusTable;
use Kavvel\Core\Bus\ControlPoint;
use Kavvel\Core\Bus\Feedback;
use Kavvel\Core\Bus\FeedbackHeard;
use Kavvel\Core\Bus\PointHeard;
use Kavvel\Core\Bus\Said;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What listening to a bus shows of its control points. */
final class PointHeardTest extends TestCase
{
    private const KEY = '1.1.12';

    private const LOAD = '1.1.4';

    private const AT = 1_800_000_000_000;

    /** @param list<Feedback> $verdicts */
    #[DataProvider('light')]
    public function test_a_light_tells_the_state_that_it_was_switched_to(?Said $asked, ?Said $told, int $afterMs, array $verdicts): void
    {
        $heard = $this->heard(['1/1/1' => 'Hall light switch', '1/1/2' => 'Hall light status'], [
            '1/1/1' => $asked, '1/1/2' => $told,
        ], $afterMs);

        self::assertSame($verdicts, array_map(static fn (FeedbackHeard $one): Feedback => $one->verdict, $heard->feedback));
    }

    /** @return iterable<string, array{Said|null, Said|null, int, list<Feedback>}> */
    public static function light(): iterable
    {
        $on = self::said('on', self::KEY);
        yield 'nobody touched it' => [null, null, 9_000, [Feedback::NotTried]];
        yield 'it told something by itself' => [null, self::said('on', self::LOAD), 9_000, [Feedback::NotTried]];
        yield 'just switched' => [$on, null, 2_999, [Feedback::Waiting]];
        yield 'and silent' => [$on, null, 3_000, [Feedback::Silent]];
        yield 'told at once' => [$on, self::said('on', self::LOAD, 0), 100, [Feedback::Proved]];
        yield 'told in another spelling' => [$on, self::said('1', self::LOAD, 900), 1_000, [Feedback::Proved]];
        yield 'told late' => [$on, self::said('on', self::LOAD, 8_000), 9_000, [Feedback::Proved]];
        yield 'told before only' => [$on, self::said('on', self::LOAD, -1), 9_000, [Feedback::Silent]];
        yield 'told the contrary' => [$on, self::said('off', self::LOAD, 50), 9_000, [Feedback::Otherwise]];
        yield 'the key tells it itself' => [$on, self::said('on', self::KEY, 50), 9_000, [Feedback::Silent]];
        yield 'switched by the hub' => [self::said('on', null), self::said('on', self::LOAD, 50), 100, [Feedback::Proved]];
        $cut = self::said('on', self::KEY, 0, 2_000);
        yield 'not listened to for long enough' => [$cut, null, 60_000, [Feedback::NotTried]];
        yield 'listened to for just long enough' => [self::said('on', self::KEY, 0, 3_000), null, 60_000, [Feedback::Silent]];
        yield 'told while it was listened to' => [$cut, self::said('on', self::LOAD, 100, 2_000), 60_000, [Feedback::Proved]];
    }

    public function test_a_project_may_number_the_state_before_the_switch(): void
    {
        $heard = $this->heard(['1/1/1' => 'Hall light status', '1/1/2' => 'Hall light switch'], [
            '1/1/1' => self::said('on', self::LOAD, 5), '1/1/2' => self::said('on', self::KEY),
        ], 10);

        self::assertTrue($heard->isProved());
        self::assertSame('1/1/1', $heard->feedback[0]->tells->address->text);
    }

    #[DataProvider('others')]
    public function test_other_states_have_their_own_time_and_tolerance(
        string $asks,
        string $tells,
        string $asked,
        ?string $told,
        int $afterMs,
        Feedback $verdict,
    ): void {
        $heard = $this->heard(['1/1/1' => "Den {$asks}", '1/1/2' => "Den {$tells}"], [
            '1/1/1' => self::said($asked, self::KEY), '1/1/2' => $told === null ? null : self::said($told, self::LOAD, 10),
        ], $afterMs);

        self::assertSame([$verdict], array_map(static fn (FeedbackHeard $one): Feedback => $one->verdict, $heard->feedback));
    }

    /** @return iterable<string, array{string, string, string, string|null, int, Feedback}> */
    public static function others(): iterable
    {
        yield 'a dimmer may round' => ['brightness', 'brightness status', '50 %', '50.8', 100, Feedback::Proved];
        yield 'by one percent' => ['brightness', 'brightness status', '50', '51', 100, Feedback::Proved];
        yield 'and no more' => ['brightness', 'brightness status', '50', '51.1', 100, Feedback::Otherwise];
        yield 'a dimmer is on its way' => ['brightness', 'brightness status', '50', null, 14_999, Feedback::Waiting];
        yield 'a dimmer is silent' => ['brightness', 'brightness status', '50', null, 15_000, Feedback::Silent];
        yield 'a blind is on its way' => ['up/down', 'position status', 'down', null, 179_999, Feedback::Waiting];
        yield 'a blind is silent' => ['up/down', 'position status', 'down', null, 180_000, Feedback::Silent];
        yield 'a blind tells where it is' => ['up/down', 'position status', 'down', '100', 500, Feedback::Proved];
        yield 'a blind tells another place' => ['position', 'position status', '30', '80', 500, Feedback::Otherwise];
        yield 'a setpoint' => ['setpoint', 'setpoint status', '21.5', '21.5', 500, Feedback::Proved];
        yield 'a setpoint is silent' => ['setpoint', 'setpoint status', '21.5', null, 3_000, Feedback::Silent];
        yield 'words' => ['setpoint', 'setpoint status', 'Comfort', 'comfort', 500, Feedback::Proved];
    }

    public function test_what_listening_showed_is_said_after_what_the_project_lacks(): void
    {
        $names = ['1/1/1' => 'Hall light switch', '1/1/2' => 'Hall light status'];
        $silent = $this->heard($names, ['1/1/1' => self::said('on', self::KEY)], 5_000);
        $otherwise = $this->heard($names + ['1/1/3' => 'Hall light switch'], [
            '1/1/1' => self::said('on', self::KEY), '1/1/2' => self::said('off', self::LOAD, 5), '1/1/3' => self::said('off', self::KEY),
        ], 5_000);

        self::assertSame(['1/1/2 told nothing after the switch at 1/1/1.'], $silent->findings());
        self::assertSame([
            'More than one address for: switch.', '1/1/2 told “off”, another than the switch at 1/1/1 asked for.',
        ], $otherwise->findings());
    }

    public function test_a_control_point_is_proved_when_all_of_it_was_heard_and_its_state_came_back(): void
    {
        $names = ['1/1/1' => 'Hall light switch', '1/1/2' => 'Hall light status'];
        $all = ['1/1/1' => self::said('on', self::KEY), '1/1/2' => self::said('on', self::LOAD, 5)];

        self::assertTrue($this->heard($names, $all, 10)->isProved());
        self::assertFalse($this->heard($names, ['1/1/2' => $all['1/1/2']], 10)->isProved(), 'nobody has switched it');
        self::assertFalse($this->heard($names, ['1/1/2' => self::said('off', self::LOAD, 5)] + $all, 10)->isProved());
        self::assertFalse($this->heard(['1/1/1' => $names['1/1/1']], $all, 10)->isProved(), 'the project has no state of it');
        self::assertTrue($this->heard(['1/2/1' => 'Hall keypad key'], ['1/2/1' => self::said('pressed', self::KEY)], 10)->isProved());
        self::assertFalse($this->heard(['1/2/1' => 'Hall keypad key'], [], 10)->isProved());
    }

    public function test_its_own_device_speaks_where_a_load_tells_its_state_and_a_sensor_anywhere(): void
    {
        $names = ['1/1/1' => 'Hall light switch', '1/1/2' => 'Hall light status'];
        $switched = $this->heard($names, ['1/1/1' => self::said('on', self::KEY, 20), '1/1/2' => self::said('off', self::LOAD)], 50);
        $byHub = $this->heard($names, ['1/1/1' => self::said('on', null)], 50);
        $keypad = $this->heard(['1/2/1' => 'Hall keypad', '1/2/2' => 'Hall keypad key'], [
            '1/2/1' => self::said('3', self::KEY), '1/2/2' => self::said('pressed', self::KEY),
        ], 50);

        self::assertSame('1/1/2', $switched->heardOf(true)?->address->text);
        self::assertSame('1/1/1', $switched->heardOf(false)?->address->text, 'the latest');
        self::assertNull($byHub->heardOf(true));
        self::assertNull($byHub->heardOf(false), 'the hub is no device');
        self::assertSame('1/2/1', $keypad->heardOf(false)?->address->text, 'the first of two at one moment');
        self::assertTrue($switched->isSaidByOwn(2306), '1/1/2');
        self::assertFalse($switched->isSaidByOwn(2305), '1/1/1 is told to it');
        self::assertFalse($switched->isSaidByOwn(2307), 'not its own');
        self::assertTrue($keypad->isSaidByOwn(2561), 'nobody knows what it is for');
        self::assertTrue($switched->point->isLoad());
        self::assertTrue($switched->point->isSwitched());
        self::assertFalse($keypad->point->isLoad());
        self::assertFalse($keypad->point->isSwitched());
    }

    public function test_a_planned_device_may_be_who_spoke_where_its_kind_speaks(): void
    {
        $names = ['1/1/1' => 'Hall light switch', '1/1/2' => 'Hall light status'];
        [$switch, $status] = [2305, 2306];
        $told = $this->heard($names, ['1/1/1' => self::said('on', self::KEY), '1/1/2' => self::said('on', self::LOAD, 5)], 50);
        $asked = $this->heard($names, ['1/1/1' => self::said('on', self::KEY)], 50);
        $keypad = $this->heard(['1/2/1' => 'Hall keypad'], ['1/2/1' => self::said('3', self::KEY)], 50);

        self::assertTrue($told->mayBe($status, true, false));
        self::assertFalse($told->mayBe($status, false, false), 'a sensor tells no state of a light');
        self::assertFalse($told->mayBe($switch, true, false), 'a key spoke there');
        self::assertFalse($told->mayBe($switch, true, true), 'a key spoke there, whoever the light is');
        self::assertFalse($asked->mayBe($status, true, true), 'the light has said nothing');
        self::assertFalse($asked->mayBe($switch, false, false), 'any key may ask a light');
        self::assertTrue($asked->mayBe($switch, false, true), 'the key is known to be this one');
        self::assertTrue($keypad->mayBe(2561, false, false));
        self::assertFalse($keypad->mayBe(2561, true, false), 'a load is no keypad');
    }

    public function test_only_the_hub_s_own_telegram_shows_that_it_switches_a_load(): void
    {
        $names = ['1/1/1' => 'Hall light switch', '1/1/2' => 'Hall light status'];
        $told = self::said('on', self::LOAD, 5);

        self::assertTrue($this->heard($names, ['1/1/1' => self::said('on', null), '1/1/2' => $told], 10)->isSwitchedByHub());
        self::assertFalse($this->heard($names, ['1/1/1' => self::said('on', self::KEY), '1/1/2' => $told], 10)->isSwitchedByHub());
        self::assertFalse($this->heard($names, ['1/1/1' => self::said('on', null)], 9_000)->isSwitchedByHub());
        self::assertFalse($this->heard(['1/1/1' => $names['1/1/1']], ['1/1/1' => self::said('on', null)], 10)->isSwitchedByHub());
    }

    /** @param int $afterMs since AT */
    private static function said(string $value, ?string $from, int $afterMs = 0, ?int $followedForMs = null): Said
    {
        return new Said($value, $from, self::AT + $afterMs, $followedForMs === null ? null : self::AT + $followedForMs);
    }

    /**
     * @param  array<string, string>  $names  of one control point, by address
     * @param  array<string, Said|null>  $said  by address
     */
    private function heard(array $names, array $said, int $afterMs): PointHeard
    {
        $entries = BusTable::read([['address', 'name'], ...array_map(
            static fn (string $address, string $name): array => [$address, $name],
            array_keys($names),
            $names,
        )]);
        $byNumber = [];
        foreach ($entries as $entry) {
            $byNumber[$entry->address->number] = $said[$entry->address->text] ?? null;
        }
        [$point] = ControlPoint::all($entries);

        return PointHeard::of($point, array_filter($byNumber), self::AT + $afterMs);
    }
}
