<?php

declare(strict_types=1);

namespace Kavvel\Standin\Tests;

use Kavvel\Core\Protocol\Protocol;
use Kavvel\Standin\House\House;
use Kavvel\Standin\Time\Fold;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The imaginary house: a pure fold of house, seed, the log of hands, and time. */
final class FoldTest extends TestCase
{
    private const START = 1_800_000_000_000;

    private static ?House $house = null;

    public function test_the_same_log_and_time_give_the_same_state(): void
    {
        $log = $this->log([0, 'open-window', ['command' => 'window-1', 'seconds' => 254]], [
            2, 'gesture',
            ['device' => 'hall-relay', 'kind' => 'press', 'times' => 3],
        ]);

        self::assertEquals(
            Fold::of(self::house(), $log, self::START + 20_000)->hub->events,
            Fold::of(self::house(), $log, self::START + 20_000)->hub->events,
        );
    }

    public function test_a_later_look_only_adds_events(): void
    {
        $log = $this->log([0, 'open-window', ['command' => 'window-1', 'seconds' => 60]], [
            2, 'gesture',
            ['device' => 'hall-relay', 'kind' => 'press', 'times' => 3],
        ]);
        $before = [];
        for ($seconds = 0; $seconds <= 80; $seconds += 4) {
            $events = Fold::of(self::house(), $log, self::START + $seconds * 1000)->hub->events;
            self::assertSame($before, array_slice($events, 0, count($before)));
            $before = $events;
        }
        self::assertSame('window.closed', end($before)['type'] ?? null);
    }

    public function test_the_right_gesture_in_an_open_window_joins(): void
    {
        $types = $this->types([0, 'open-window', ['command' => 'window-1', 'seconds' => 254]], [
            2, 'gesture',
            ['device' => 'hall-relay', 'kind' => 'press', 'times' => 3],
        ]);

        self::assertSame(
            [
                'gateway.started', 'window.opened', 'device.announced', 'device.secured', ...array_fill(0, 5, 'device.interviewing'),
                'device.joined',
            ],
            $types,
        );
    }

    public function test_three_presses_count_together_only_in_quick_succession(): void
    {
        $press = static fn (float $at): array => [$at, 'gesture', ['device' => 'hall-relay', 'kind' => 'press', 'times' => 1]];

        self::assertContains(
            'device.joined',
            $this->types([0, 'open-window', ['command' => 'w-1', 'seconds' => 254]], $press(2), $press(2.5), $press(3)),
        );
        self::assertNotContains(
            'device.announced',
            $this->types([0, 'open-window', ['command' => 'w-1', 'seconds' => 254]], $press(2), $press(6), $press(10)),
        );
    }

    public function test_a_device_that_waits_is_found_when_the_window_opens_later(): void
    {
        $types = $this->types([0, 'gesture', ['device' => 'hall-relay', 'kind' => 'press', 'times' => 3]], [
            10, 'open-window',
            ['command' => 'w-1', 'seconds' => 254],
        ]);

        self::assertContains('device.joined', $types);
    }

    public function test_a_device_stops_waiting_after_three_minutes(): void
    {
        $types = $this->types([0, 'gesture', ['device' => 'hall-relay', 'kind' => 'press', 'times' => 3]], [
            181, 'open-window',
            ['command' => 'w-1', 'seconds' => 254],
        ]);

        self::assertNotContains('device.announced', $types);
    }

    public function test_a_window_ends_by_its_own_time_and_then_nothing_joins(): void
    {
        $fold = $this->fold(30, [0, 'open-window', ['command' => 'w-1', 'seconds' => 10]], [
            12, 'gesture',
            ['device' => 'hall-relay', 'kind' => 'press', 'times' => 3],
        ]);
        $closed = array_values(array_filter($fold->hub->events, static fn (array $event): bool => $event['type'] === 'window.closed'));

        self::assertSame('time', $closed[0]['data']['reason']);
        self::assertSame(self::START + 10_000, $closed[0]['at']);
        self::assertSame([], $fold->hub->windows);
        self::assertSame('blinking', $fold->world->devices['hall-relay']->light);
        self::assertSame('pairing', $fold->world->devices['hall-relay']->phase);
    }

    /** @param list<array{float, string, array<string, mixed>}> $deeds */
    #[DataProvider('faults')]
    public function test_a_planted_fault_shows_as_it_would_on_site(
        string $device,
        array $deeds,
        string $expectedLast,
        string $light,
    ): void {
        $fold = $this->fold(60, [0, 'open-window', ['command' => 'w-1', 'seconds' => 254]], ...$deeds);

        self::assertSame($expectedLast, end($fold->hub->events)['type'] ?? null);
        self::assertSame($light, $fold->world->devices[$device]->light);
    }

    /** @return array<string, array{string, list<array{float, string, array<string, mixed>}>, string, string}> */
    public static function faults(): array
    {
        $pair = [2.0, 'gesture', ['device' => 'hall-relay', 'kind' => 'press', 'times' => 3]];
        $fault = static fn (string $kind): array => [1.0, 'fault', ['device' => 'hall-relay', 'fault' => $kind]];

        return [
            'owned elsewhere: another light, no word' => ['hall-relay', [$fault('owned-elsewhere'), $pair], 'window.opened', 'double'],
            'owned elsewhere: reset, then it joins' => [
                'hall-relay',
                [
                    $fault('owned-elsewhere'),
                    $pair,
                    [5.0, 'gesture', ['device' => 'hall-relay', 'kind' => 'hold', 'seconds' => 10]],
                    [12.0, 'gesture', ['device' => 'hall-relay', 'kind' => 'press', 'times' => 3]],
                ],
                'device.joined',
                'off',
            ],
            'flat battery: dark' => [
                'wash-leak',
                [[2.0, 'gesture', ['device' => 'wash-leak', 'kind' => 'hold', 'seconds' => 3]]],
                'window.opened',
                'off',
            ],
            'flat battery: a new one' => [
                'wash-leak',
                [
                    [1.0, 'new-battery', ['device' => 'wash-leak']],
                    [2.0, 'carry', ['device' => 'wash-leak']],
                    [3.0, 'gesture', ['device' => 'wash-leak', 'kind' => 'hold', 'seconds' => 3]],
                ],
                'device.joined',
                'off',
            ],
            'half an interview' => ['hall-relay', [$fault('half-interview'), $pair], 'device.incomplete', 'off'],
            'half an interview: woken again' => [
                'hall-relay',
                [$fault('half-interview'), $pair, [20.0, 'gesture', ['device' => 'hall-relay', 'kind' => 'press', 'times' => 3]]],
                'device.joined',
                'off',
            ],
            'wrong region: never heard' => ['hall-relay', [$fault('wrong-region'), $pair], 'window.opened', 'blinking'],
            'held instead of tapped' => [
                'hall-relay',
                [[2.0, 'gesture', ['device' => 'hall-relay', 'kind' => 'hold', 'seconds' => 5]]],
                'window.opened',
                'held',
            ],
        ];
    }

    public function test_a_late_device_answers_half_a_minute_later(): void
    {
        $pair = [2, 'gesture', ['device' => 'hall-relay', 'kind' => 'press', 'times' => 3]];
        $late = [1, 'fault', ['device' => 'hall-relay', 'fault' => 'answers-late']];
        $open = [0, 'open-window', ['command' => 'w-1', 'seconds' => 254]];

        self::assertNotContains('device.announced', $this->typesAt(25, $open, $late, $pair));
        self::assertContains('device.joined', $this->typesAt(60, $open, $late, $pair));
    }

    public function test_two_that_announce_at_once_are_both_heard(): void
    {
        $fold = $this->fold(
            30,
            [0, 'open-window', ['command' => 'w-1', 'seconds' => 254]],
            [1, 'fault', ['device' => 'hall-relay', 'fault' => 'two-at-once']],
            [2, 'gesture', ['device' => 'hall-relay', 'kind' => 'press', 'times' => 3]],
        );
        $announced = array_filter($fold->hub->events, static fn (array $event): bool => $event['type'] === 'device.announced');

        self::assertCount(2, array_unique(array_map(static fn (array $event): string => $event['data']['address'], $announced)));
    }

    public function test_a_device_out_of_reach_blinks_and_is_never_heard_until_it_is_carried(): void
    {
        $open = [0, 'open-window', ['command' => 'w-1', 'seconds' => 254]];
        $alone = array_map(static fn (int $relay): array => [1, 'remove', ['address' => sprintf('02A7C3000000010%d', $relay)]], [
            1, 2, 3, 4,
        ]);
        $pair = static fn (float $at): array => [$at, 'gesture', ['device' => 'bunk-window', 'kind' => 'press', 'times' => 1]];
        $far = $this->fold(30, $open, ...[...$alone, $pair(2)]);

        self::assertSame('blinking', $far->world->devices['bunk-window']->light);
        self::assertNotContains('device.announced', array_column($far->hub->events, 'type'));
        self::assertContains(
            'device.joined',
            $this->typesAt(60, $open, ...[...$alone, $pair(2), [5, 'carry', ['device' => 'bunk-window']], $pair(6)]),
        );
    }

    public function test_a_device_that_drops_off_leaves_when_it_is_moved(): void
    {
        $types = $this->types([1, 'fault', ['device' => 'chart-button', 'fault' => 'drops-off']], [
            2, 'carry', ['device' => 'chart-button'],
        ]);

        self::assertContains('device.left', $types);
    }

    public function test_a_spare_from_the_van_is_dead_until_it_is_plugged_in(): void
    {
        $open = [0, 'open-window', ['command' => 'w-1', 'seconds' => 254]];
        $hold = static fn (float $at): array => [$at, 'gesture', ['device' => 'van-relay-1', 'kind' => 'hold', 'seconds' => 4]];
        $plug = [5, 'plug-at', ['device' => 'van-relay-1', 'point' => 'pantry-p1']];

        self::assertSame('off', $this->fold(10, $open, $hold(2))->world->devices['van-relay-1']->light);
        self::assertNotContains('device.announced', $this->typesAt(30, $open, $hold(2)));
        self::assertContains('device.joined', $this->typesAt(30, $open, $hold(2), $plug, $hold(6)));
        self::assertNotContains(
            'device.announced',
            $this->typesAt(30, $open, [5, 'plug-at', ['device' => 'van-relay-1', 'point' => 'moon']], $hold(6)),
            'there is no such socket',
        );
    }

    public function test_a_spare_that_goes_back_to_the_van_is_nobodys_neighbour(): void
    {
        $in = [
            [0, 'open-window', ['command' => 'w-1', 'seconds' => 254]],
            [5, 'plug-at', ['device' => 'van-relay-1', 'point' => 'pantry-p1']],
            [6, 'gesture', ['device' => 'van-relay-1', 'kind' => 'hold', 'seconds' => 4]],
        ];
        $linksOf = static fn (Fold $fold): int => count(array_filter(
            $fold->world->neighbours(Protocol::Zigbee, 1, 0),
            static fn (array $link): bool => in_array(self::house()->devices['van-relay-1']->address, $link, true),
        ));

        self::assertGreaterThan(3, $linksOf($this->fold(30, ...$in)));
        self::assertSame(0, $linksOf($this->fold(30, ...[...$in, [20, 'put-back', ['device' => 'van-relay-1']]])));
    }

    public function test_a_trigger_is_reported_and_a_switch_confirmed(): void
    {
        $fold = $this->fold(10, [1, 'trigger', ['device' => 'store-contact']], [
            2,
            'switch',
            ['command' => 'command-1', 'address' => '02A7C30000000101', 'value' => 'on'],
        ]);

        self::assertSame(['device.reported', 'command.done'], array_slice(array_column($fold->hub->events, 'type'), -2));
        self::assertTrue($fold->world->devices['chart-dimmer']->on);
    }

    public function test_a_command_to_nobody_fails_in_words(): void
    {
        $fold = $this->fold(10, [2, 'switch', ['command' => 'command-1', 'address' => 'FFFF', 'value' => 'on']]);

        self::assertSame(['command.failed', 'no answer'], [
            end($fold->hub->events)['type'] ?? null, end($fold->hub->events)['data']['reason'] ?? null,
        ]);
    }

    public function test_a_repeated_command_is_carried_out_once(): void
    {
        $open = ['command' => 'window-1', 'seconds' => 254];

        self::assertCount(1, array_keys($this->types([0, 'open-window', $open], [1, 'open-window', $open]), 'window.opened', true));
    }

    public function test_a_restart_begins_a_new_epoch_and_numbers_events_anew(): void
    {
        $fold = $this->fold(10, [0, 'open-window', ['command' => 'w-1', 'seconds' => 254]], [3, 'boot', ['epoch' => 'second']]);

        self::assertSame('second', $fold->hub->epoch);
        self::assertSame([1], array_column($fold->hub->events, 'sequence'));
        self::assertSame([], $fold->hub->windows);
    }

    public function test_neighbours_know_what_the_plan_does_not(): void
    {
        $fold = $this->fold(10);
        $margins = [];
        foreach ($fold->world->neighbours(Protocol::Zigbee, 1, 0) as $link) {
            $margins["{$link['from']} {$link['to']}"] = $link['marginDb'];
        }

        self::assertArrayNotHasKey('gateway 02A7C3000000010A', $margins, 'foil behind the plaster hides the freezer from the hub');
        self::assertGreaterThan(45, $margins['gateway 02A7C30000000102'], 'the ceiling dimmer in the hub’s own room');
    }

    public function test_a_mesh_reading_asks_relay_by_relay_and_then_is_done(): void
    {
        $types = $this->types([0, 'read-mesh', ['command' => 'reading-1']]);

        self::assertSame('reading.done', end($types));
        self::assertGreaterThan(2, count(array_keys($types, 'reading.progress', true)));
    }

    public static function house(): House
    {
        $demo = __DIR__.'/../../database/demo/lantern-house';

        return self::$house ??= House::read((string) file_get_contents("{$demo}.json"), (string) file_get_contents("{$demo}.truth.json"));
    }

    /**
     * @param  array{float|int, string, array<string, mixed>}  ...$deeds
     * @return list<string>
     */
    private function types(array ...$deeds): array
    {
        return $this->typesAt(60, ...$deeds);
    }

    /**
     * @param  array{float|int, string, array<string, mixed>}  ...$deeds
     * @return list<string>
     */
    private function typesAt(int $seconds, array ...$deeds): array
    {
        return array_column($this->fold($seconds, ...$deeds)->hub->events, 'type');
    }

    /** @param array{float|int, string, array<string, mixed>} ...$deeds */
    private function fold(int $seconds, array ...$deeds): Fold
    {
        return Fold::of(self::house(), $this->log(...$deeds), self::START + $seconds * 1000);
    }

    /**
     * @param  array{float|int, string, array<string, mixed>}  ...$deeds
     * @return list<array<string, mixed>>
     */
    private function log(array ...$deeds): array
    {
        return [
            ['at' => self::START, 'do' => 'boot', 'epoch' => 'first'],
            ...array_map(
                static fn (array $deed): array => ['at' => self::START + (int) ($deed[0] * 1000), 'do' => $deed[1], ...$deed[2]],
                array_values($deeds),
            ),
        ];
    }
}
