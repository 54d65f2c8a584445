<?php

declare(strict_types=1);

namespace Kavvel\Standin\Tests;

use Kavvel\Standin\House\Fault;
use Kavvel\Standin\Time\Fold;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The wired bus: keys speak at their addresses, loads obey and tell, and the hub tells it on while it listens. */
final class BusLineTest extends TestCase
{
    private const START = 1_800_000_000_000;

    private const HEAR = ['command' => 'window', 'protocol' => 'wired', 'kind' => 'hear', 'seconds' => 600];

    private const KEY = ['device' => 'hall-keypad'];

    public function test_a_key_speaks_at_its_address_and_switches_its_light_which_tells_its_state(): void
    {
        $fold = $this->fold(60, [1, 'open-window', self::HEAR], [2, 'trigger', self::KEY], [5, 'trigger', self::KEY]);

        self::assertSame([
            ['window' => 'window', 'address' => '1/2/1', 'from' => '1.1.12', 'value' => 'pressed'],
            ['window' => 'window', 'address' => '1/1/1', 'from' => '1.1.12', 'value' => 'on'],
            ['window' => 'window', 'address' => '1/1/2', 'from' => '1.1.4', 'value' => 'on'],
        ], array_slice($this->all($fold, 'bus.heard'), 0, 3));
        self::assertSame(['pressed', 'off', 'off'], array_column(array_slice($this->all($fold, 'bus.heard'), 3), 'value'));
        self::assertFalse($fold->world->devices['board-hall-light']->on);
    }

    public function test_a_hub_that_does_not_listen_tells_nothing_and_the_light_obeys_all_the_same(): void
    {
        $fold = $this->fold(60, [1, 'trigger', self::KEY]);

        self::assertSame([], $this->all($fold, 'bus.heard'));
        self::assertTrue($fold->world->devices['board-hall-light']->on);
    }

    public function test_what_the_hub_says_is_sent_and_obeyed_and_told_back_once(): void
    {
        $say = ['command' => 'say-0001', 'address' => '1/1/1', 'value' => 'on'];
        $fold = $this->fold(60, [1, 'open-window', self::HEAR], [2, 'say', $say], [3, 'say', $say]);

        self::assertSame([['command' => 'say-0001', 'address' => '1/1/1', 'value' => 'on']], $this->all($fold, 'telegram.sent'));
        $told = ['window' => 'window', 'address' => '1/1/2', 'from' => '1.1.4', 'value' => 'on'];
        self::assertSame([$told], $this->all($fold, 'bus.heard'));
    }

    public function test_a_load_that_has_no_address_for_its_state_obeys_and_tells_nothing(): void
    {
        $say = ['command' => 'say-0001', 'address' => '1/1/3', 'value' => 'on'];
        $fold = $this->fold(60, [1, 'open-window', self::HEAR], [2, 'say', $say]);

        self::assertTrue($fold->world->devices['board-stair-light']->on);
        self::assertSame([], $this->all($fold, 'bus.heard'));
    }

    public function test_a_value_that_is_no_switch_moves_nothing(): void
    {
        $fold = $this->fold(60, [1, 'say', ['command' => 'say-0001', 'address' => '1/1/1', 'value' => '50']]);

        self::assertFalse($fold->world->devices['board-hall-light']->on);
        self::assertCount(1, $this->all($fold, 'telegram.sent'));
    }

    /** @param list<string> $heard addresses */
    #[DataProvider('faults')]
    public function test_a_planted_fault_is_heard_as_what_it_is(string $device, Fault $fault, array $heard): void
    {
        $plant = ['device' => $device, 'fault' => $fault->value];
        $fold = $this->fold(60, [1, 'open-window', self::HEAR], [2, 'fault', $plant], [3, 'trigger', self::KEY]);

        self::assertSame($heard, array_column($this->all($fold, 'bus.heard'), 'address'));
    }

    /** @return iterable<string, array{string, Fault, list<string>}> */
    public static function faults(): iterable
    {
        yield 'no supply' => ['log-presence', Fault::NoBusSupply, []];
        yield 'a key never loaded' => ['hall-keypad', Fault::NotLoaded, []];
        yield 'a light never loaded' => ['board-hall-light', Fault::NotLoaded, ['1/2/1', '1/1/1']];
        yield 'an older project' => ['hall-keypad', Fault::OlderProject, ['1/2/101', '1/1/1', '1/1/2']];
        yield 'a state told to nobody' => ['board-hall-light', Fault::TellsNothing, ['1/2/1', '1/1/1']];
    }

    public function test_without_a_supply_nothing_is_sent_and_the_hub_says_so(): void
    {
        $plant = ['device' => 'log-presence', 'fault' => Fault::NoBusSupply->value];
        $fold = $this->fold(60, [1, 'fault', $plant], [2, 'say', ['command' => 'say-0001', 'address' => '1/1/1', 'value' => 'on']]);

        self::assertSame(
            [['command' => 'say-0001', 'address' => '1/1/1', 'reason' => 'the bus has no supply']],
            $this->all($fold, 'command.failed'),
        );
        self::assertFalse($fold->world->devices['board-hall-light']->on);
    }

    public function test_devices_of_a_bus_are_no_nodes_and_can_go_wrong_in_their_own_ways_only(): void
    {
        $fold = $this->fold(1);

        self::assertFalse($fold->world->devices['hall-keypad']->isIn());
        self::assertSame(
            [Fault::NoBusSupply, Fault::NotLoaded, Fault::OlderProject, Fault::TellsNothing],
            Fault::of($fold->world->devices['hall-keypad']->device->profile->protocol, false),
        );
    }

    /** @param array{int, string, array<string, mixed>} ...$deeds */
    private function fold(int $seconds, array ...$deeds): Fold
    {
        $log = [['at' => self::START, 'do' => 'boot', 'epoch' => 'first']];
        foreach ($deeds as [$at, $do, $deed]) {
            $log[] = ['at' => self::START + $at * 1000, 'do' => $do, ...$deed];
        }

        return Fold::of(FoldTest::house(), $log, self::START + $seconds * 1000);
    }

    /** @return list<array<string, mixed>> data of the events of this type */
    private function all(Fold $fold, string $type): array
    {
        return array_column(array_filter($fold->hub->events, static fn (array $event): bool => $event['type'] === $type), 'data');
    }
}
