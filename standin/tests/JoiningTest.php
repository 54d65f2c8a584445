<?php

declare(strict_types=1);

namespace Kavvel\Standin\Tests;

use Kavvel\Core\Catalogue\Step;
use Kavvel\Core\Protocol\Protocol;
use Kavvel\Standin\House\DeviceState;
use Kavvel\Standin\House\Fault;
use Kavvel\Standin\House\House;
use Kavvel\Standin\Time\Fold;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A device of each protocol on its way in and out, and with each fault. */
final class JoiningTest extends TestCase
{
    private const START = 1_800_000_000_000;

    /** One of each protocol that is out, near enough to be heard */
    private const DEVICES = [
        'zigbee' => 'hall-relay', 'zwave' => 'kitchen-window', 'thread' => 'keeper-blind', 'matter' => 'chart-socket', 'wifi' => 'doorbell',
        'bluetooth' => 'tank',
    ];

    /** @param list<string> $events */
    #[DataProvider('protocols')]
    public function test_each_protocol_has_its_own_way_in(string $device, array $events): void
    {
        $fold = $this->pair($device);
        $types = array_values(array_unique(array_column(array_slice($fold->hub->events, 1), 'type')));

        self::assertSame(['window.opened', ...$events], $types);
        self::assertSame('joined', $this->state($fold, $device)->phase);
        self::assertSame(House::WINDOWS[$this->protocol($device)->value] ?? 0, $this->seconds($fold));
    }

    /** @return iterable<string, array{string, list<string>}> */
    public static function protocols(): iterable
    {
        $asked = ['device.interviewing', 'device.joined'];
        yield 'Zigbee' => ['hall-relay', ['device.announced', 'device.secured', ...$asked]];
        yield 'Zigbee with an install code' => ['landing-smoke', ['device.announced', 'device.secured', ...$asked]];
        yield 'Z-Wave' => ['kitchen-window', ['device.announced', 'device.secured', ...$asked]];
        yield 'Thread' => ['keeper-blind', ['device.announced', 'device.secured', 'device.networked', ...$asked]];
        yield 'Matter' => ['chart-socket', ['device.announced', 'device.secured', 'device.networked', ...$asked]];
        yield 'Wi-Fi' => ['doorbell', ['device.announced', 'device.networked', ...$asked]];
        yield 'Bluetooth LE' => ['tank', ['device.announced', 'device.secured', ...$asked]];
    }

    public function test_a_fault_that_is_planted_ends_what_a_device_had_begun(): void
    {
        $deeds = $this->gestures('keeper-blind', 1.0);
        self::assertSame('pairing', $this->state($this->fold(5, ...$deeds), 'keeper-blind')->phase, 'it looks for a window');
        $planted = $this->fold(5, ...$deeds, ...[[4, 'fault', ['device' => 'keeper-blind', 'fault' => 'wrong-clock']]]);

        self::assertSame(['out', 'off'], [$this->state($planted, 'keeper-blind')->phase, $this->state($planted, 'keeper-blind')->light]);
        self::assertSame(Fault::WrongClock, $this->state($planted, 'keeper-blind')->fault);
    }

    /** @param array<string, mixed>|null $data */
    #[DataProvider('faults')]
    public function test_each_fault_shows_as_it_would_on_site(
        string $device,
        Fault $fault,
        string $last,
        string $light,
        ?array $data = null,
    ): void {
        $fold = $this->pair($device, $fault, 40);
        $event = end($fold->hub->events) ?: ['type' => '', 'data' => []];

        $isOnBattery = $this->state($fold, $device)->device->profile->power === 'battery';
        self::assertContains($fault, Fault::of($this->protocol($device), $isOnBattery));
        self::assertSame([$last, $light], [$event['type'], $this->state($fold, $device)->light]);
        self::assertSame($data ?? [], array_intersect_key($event['data'], $data ?? []));
    }

    /** @return iterable<string, array{0: string, 1: Fault, 2: string, 3: string, 4?: array<string, mixed>}> */
    public static function faults(): iterable
    {
        $failed = static fn (string $reason, array $network = []): array => [
            'device.failed', 'off', ['reason' => $reason, ...($network === [] ? [] : ['network' => $network])],
        ];
        foreach (self::DEVICES as $protocol => $device) {
            yield "{$protocol}, owned elsewhere" => [$device, Fault::OwnedElsewhere, 'window.opened', 'double'];
            yield "{$protocol}, breaks off" => [$device, Fault::BreaksOff, ...$failed('timed-out')];
            yield "{$protocol}, not known to the hub" => [$device, Fault::Unsupported, 'device.incomplete', 'steady'];
        }
        yield 'a battery that is too low' => ['tank', Fault::LowBattery, 'window.opened', 'low'];
        yield 'no battery' => ['tank', Fault::FlatBattery, 'window.opened', 'off'];
        yield 'a unit of another region, as its sheet says' => ['siren', Fault::AnswersLate, 'window.opened', 'blinking'];
        yield 'another region' => ['kitchen-window', Fault::WrongRegion, 'window.opened', 'blinking'];
        yield 'an install code of another unit' => ['landing-smoke', Fault::WrongCode, ...$failed('code-refused')];
        yield 'a DSK of another unit' => ['kitchen-window', Fault::WrongCode, ...$failed('code-refused')];
        yield 'a Matter code of another unit' => ['keeper-blind', Fault::WrongCode, 'device.seen', 'blinking'];
        yield 'no border router' => ['keeper-blind', Fault::NoBorderRouter, ...$failed('no-border-router')];
        yield 'no credentials' => ['keeper-blind', Fault::NoCredentials, ...$failed('no-credentials')];
        yield 'no fabric free' => ['chart-socket', Fault::FabricsFull, ...$failed('fabrics-full')];
        yield 'a clock' => ['chart-socket', Fault::WrongClock, ...$failed('clock', ['clock' => false])];
        yield 'a code that was used' => ['chart-socket', Fault::CodeUsed, 'device.failed', 'blinking', ['reason' => 'not-open']];
        yield 'another band' => ['chart-socket', Fault::WrongBand, ...$failed('network-not-found', ['bands' => ['5'], 'hidden' => false])];
        yield 'a hidden name' => [
            'doorbell', Fault::HiddenName, ...$failed('network-not-found', ['bands' => ['2.4', '5'], 'hidden' => true]),
        ];
        yield 'another mode' => ['doorbell', Fault::SecurityMode, ...$failed('network-refused', ['security' => 'wpa3'])];
        yield 'an old password' => ['doorbell', Fault::WrongPassword, ...$failed('network-refused', ['security' => 'wpa2'])];
        yield 'another segment' => [
            'chart-socket', Fault::OtherSegment, ...$failed('not-reached', ['oneSegment' => false, 'discovery' => true, 'tunnel' => false]),
        ];
        yield 'a filter' => [
            'chart-socket', Fault::Filtered, ...$failed('not-reached', ['oneSegment' => true, 'discovery' => false, 'tunnel' => false]),
        ];
        yield 'a tunnel' => [
            'chart-socket', Fault::Tunnel, ...$failed('not-reached', ['oneSegment' => true, 'discovery' => true, 'tunnel' => true]),
        ];
    }

    public function test_what_joins_only_with_its_code_fails_without(): void
    {
        $fold = $this->fold(
            20,
            [0, 'open-window', ['command' => 'w', 'protocol' => 'zigbee', 'seconds' => 254]],
            ...$this->gestures('landing-smoke', 2),
        );

        self::assertSame('code-missing', end($fold->hub->events)['data']['reason'] ?? null);
    }

    public function test_a_z_wave_hub_asks_for_the_pin_where_no_code_came_with_the_window(): void
    {
        $open = [0, 'open-window', ['command' => 'window', 'protocol' => 'zwave', 'seconds' => 60]];
        $carried = [0, 'carry', ['device' => 'kitchen-window']];
        $dsk = (string) (FoldTest::house()->devices['kitchen-window']->code?->code->fields()['dsk'] ?? '');
        $asked = $this->fold(8, $carried, $open, ...$this->gestures('kitchen-window', 2));
        $last = end($asked->hub->events) ?: ['type' => '', 'data' => []];
        self::assertSame(['device.asks', substr($dsk, 6)], [$last['type'], $last['data']['dsk'] ?? null], 'all but the PIN');

        $answer = static fn (string $pin): array => [9, 'answer', ['command' => 'a', 'window' => 'window', 'pin' => $pin]];
        $right = $this->fold(30, $carried, $open, ...[...$this->gestures('kitchen-window', 2), $answer(substr($dsk, 0, 5))]);
        self::assertSame('joined', $this->state($right, 'kitchen-window')->phase);
        self::assertContains('pin', array_column(array_column($right->hub->events, 'data'), 'with'));

        $wrong = $this->fold(30, $carried, $open, ...[...$this->gestures('kitchen-window', 2), $answer('00000')]);
        self::assertContains('code-refused', array_column(array_column($wrong->hub->events, 'data'), 'reason'));

        $never = $this->fold(260, $carried, $open, ...$this->gestures('kitchen-window', 2));
        self::assertContains('code-missing', array_column(array_column($never->hub->events, 'data'), 'reason'));
    }

    public function test_a_z_wave_device_of_unknown_history_is_excluded_first_and_then_joins(): void
    {
        $own = $this->state($this->pair('kitchen-window'), 'kitchen-window')->device->code?->code->spelling();
        $fold = $this->fold(
            60,
            [0, 'fault', ['device' => 'kitchen-window', 'fault' => 'owned-elsewhere']],
            [1, 'open-window', ['command' => 'out', 'protocol' => 'zwave', 'kind' => 'exclude', 'seconds' => 60]],
            ...$this->gestures('kitchen-window', 2),
            ...[[20, 'open-window', ['command' => 'in', 'protocol' => 'zwave', 'seconds' => 60, 'code' => ['value' => $own]]]],
            ...$this->gestures('kitchen-window', 22),
        );
        $types = array_column($fold->hub->events, 'type');

        self::assertSame(
            ['gateway.started', 'window.opened', 'device.excluded', 'window.closed', 'window.opened', 'device.announced'],
            array_slice($types, 0, 6),
        );
        self::assertContains('device.joined', $types);
        self::assertNull($fold->hub->events[2]['data']['address'], 'it was in another network');
    }

    public function test_a_device_of_ours_that_is_excluded_leaves(): void
    {
        $fold = $this->fold(
            20,
            [0, 'open-window', ['command' => 'out', 'protocol' => 'zwave', 'kind' => 'exclude', 'seconds' => 60]],
            [1, 'carry', ['device' => 'landing-switch']],
            ...$this->gestures('landing-switch', 2),
        );
        $excluded = array_values(array_filter($fold->hub->events, static fn (array $event): bool => $event['type'] === 'device.excluded'));

        self::assertSame('zw-019', $excluded[0]['data']['address']);
        self::assertSame('out', $this->state($fold, 'landing-switch')->phase);
        self::assertContains('device.left', array_column($fold->hub->events, 'type'));
    }

    public function test_windows_of_two_radios_stand_side_by_side(): void
    {
        $fold = $this->fold(
            5,
            [0, 'open-window', ['command' => 'one', 'protocol' => 'zigbee', 'seconds' => 254]],
            [1, 'open-window', ['command' => 'two', 'protocol' => 'bluetooth', 'seconds' => 180]],
        );

        self::assertSame(['zigbee', 'bluetooth'], array_keys($fold->hub->windows));
    }

    public function test_a_key_that_was_held_is_seen_at_its_light(): void
    {
        $fold = $this->fold(10, [1, 'gesture', ['device' => 'kitchen-window', 'kind' => 'hold', 'seconds' => 2]]);

        self::assertSame('held', $this->state($fold, 'kitchen-window')->light);
    }

    private function pair(string $device, ?Fault $fault = null, int $seconds = 40): Fold
    {
        $profile = FoldTest::house()->devices[$device]->profile;
        $code = $fault === Fault::WrongCode
            ? FoldTest::house()->otherCode(FoldTest::house()->devices[$device])
            : FoldTest::house()->devices[$device]->code;

        return $this->fold(
            $seconds,
            [0, 'carry', ['device' => $device]],
            ...($fault === null ? [] : [[0, 'fault', ['device' => $device, 'fault' => $fault->value]]]),
            ...[[1, 'open-window', [
                'command' => 'window', 'protocol' => $profile->protocol->value, 'seconds' => House::WINDOWS[$profile->protocol->value] ?? 0,
                'code' => $code === null ? [] : ['value' => $code->code->spelling()],
            ]]],
            ...$this->gestures($device, 2),
        );
    }

    /** @return list<array{float, string, array<string, mixed>}> its recipe, one step after the other */
    private function gestures(string $device, float $from): array
    {
        $recipe = FoldTest::house()->devices[$device]->profile->recipe;
        $gestures = array_filter($recipe->join ?? [], static fn (Step $step): bool => $step->isGesture());

        return array_values(array_map(static fn (Step $step): array => [$from, 'gesture', [
            'device' => $device, 'kind' => $step->kind, 'times' => $step->times, 'seconds' => $step->seconds,
        ]], $gestures));
    }

    /** @param array{float|int, string, array<string, mixed>} ...$deeds */
    private function fold(int $seconds, array ...$deeds): Fold
    {
        $log = [['at' => self::START, 'do' => 'boot', 'epoch' => 'first']];
        foreach ($deeds as [$at, $do, $deed]) {
            $log[] = ['at' => self::START + (int) ($at * 1000), 'do' => $do, ...$deed];
        }

        return Fold::of(FoldTest::house(), $log, self::START + $seconds * 1000);
    }

    private function state(Fold $fold, string $device): DeviceState
    {
        return $fold->world->devices[$device];
    }

    private function protocol(string $device): Protocol
    {
        return FoldTest::house()->devices[$device]->profile->protocol;
    }

    private function seconds(Fold $fold): int
    {
        foreach ($fold->hub->events as $event) {
            if ($event['type'] === 'window.opened') {
                return (int) round((strtotime($event['data']['closesAt']) * 1000 - $event['at']) / 1000);
            }
        }

        return 0;
    }
}
