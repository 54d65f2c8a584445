<?php

declare(strict_types=1);

namespace Kavvel\Standin\Tests;

use Kavvel\Core\Protocol\Protocol;
use Kavvel\Standin\House\House;
use Kavvel\Standin\Time\Fold;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What a reading of the radios finds: each radio its own devices, both ways, as they are awake and have power. */
final class ReadingTest extends TestCase
{
    private const START = 1_800_000_000_000;

    #[DataProvider('radios')]
    public function test_every_radio_has_its_own_neighbours(Protocol $protocol, string $device): void
    {
        $links = $this->linksOf($this->fold(self::house([$device => true]), 30), $protocol, $device);

        self::assertNotSame([], $links);
        foreach (Protocol::readable() as $other) {
            if ($other !== $protocol) {
                self::assertSame([], $this->linksOf($this->fold(self::house([$device => true]), 30), $other, $device));
            }
        }
    }

    /** @return iterable<string, array{Protocol, string}> */
    public static function radios(): iterable
    {
        yield 'Zigbee' => [Protocol::Zigbee, 'hall-relay'];
        yield 'Z-Wave' => [Protocol::ZWave, 'kitchen-window'];
        yield 'Thread' => [Protocol::Thread, 'keeper-blind'];
        yield 'Matter over Wi-Fi' => [Protocol::Matter, 'chart-socket'];
        yield 'Wi-Fi' => [Protocol::Wifi, 'doorbell'];
    }

    public function test_two_readings_differ_a_little_and_one_is_always_the_same(): void
    {
        $fold = $this->fold(FoldTest::house(), 30);
        $first = $fold->world->neighbours(Protocol::Zigbee, 1, 0);
        $second = $fold->world->neighbours(Protocol::Zigbee, 2, 0);

        self::assertSame($first, $fold->world->neighbours(Protocol::Zigbee, 1, 0));
        $differences = [];
        foreach ($first as $number => $link) {
            if ([$link['from'], $link['to']] === [$second[$number]['from'] ?? null, $second[$number]['to'] ?? null]) {
                $differences[] = abs($link['marginDb'] - $second[$number]['marginDb']);
            }
        }
        self::assertGreaterThan(20, count($differences));
        self::assertLessThanOrEqual(2.1, max(0.0, ...$differences));
        self::assertGreaterThan(0.2, max(0.0, ...$differences));
    }

    public function test_a_poor_antenna_is_heard_worse_than_it_hears(): void
    {
        $differs = function (House $house): float {
            foreach ($this->linksOf($this->fold($house, 30), Protocol::Zigbee, 'chart-dimmer') as $link) {
                if (in_array('gateway', [$link['from'], $link['to']], true)) {
                    return ($link['from'] === 'gateway' ? 1 : -1) * ($link['marginDb'] - ($link['marginBackDb'] ?? NAN));
                }
            }
            self::fail('The hub does not hear it.');
        };

        self::assertEqualsWithDelta(10.0, $differs(self::house([], ['chart-dimmer' => -10])) - $differs(self::house([])), 0.11);
    }

    public function test_what_sleeps_tells_what_it_hears_when_it_wakes(): void
    {
        $asleep = $this->fold(FoldTest::house(), 30, [1, 'read-mesh', ['command' => 'reading-1', 'protocol' => 'zigbee']]);
        $address = FoldTest::house()->devices['store-contact']->address;
        foreach ($this->links($asleep, $address) as $link) {
            self::assertSame($address, $link['from'], 'how it is heard is known');
            self::assertArrayNotHasKey('marginBackDb', $link);
        }
        self::assertNotSame([], $this->links($asleep, $address));

        $awake = $this->fold(
            FoldTest::house(),
            60,
            [1, 'read-mesh', ['command' => 'reading-1', 'protocol' => 'zigbee']],
            [40, 'trigger', ['device' => 'store-contact']],
            [45, 'trigger', ['device' => 'store-contact']],
        );
        foreach ($this->links($awake, $address) as $link) {
            self::assertArrayHasKey('marginBackDb', $link);
        }
        $more = array_values(array_filter($awake->hub->events, static fn (array $event): bool => $event['type'] === 'reading.more'));
        self::assertSame([['reading' => 'reading-1', 'address' => $address]], array_column($more, 'data'), 'once for each reading');
    }

    public function test_what_is_awake_before_a_reading_or_of_another_radio_adds_nothing_to_it(): void
    {
        $fold = $this->fold(
            FoldTest::house(),
            60,
            [1, 'trigger', ['device' => 'store-contact']],
            [2, 'read-mesh', ['command' => 'reading-1', 'protocol' => 'zwave']],
            [40, 'trigger', ['device' => 'store-contact']],
        );

        self::assertNotContains('reading.more', array_column($fold->hub->events, 'type'));
    }

    public function test_a_router_whose_supply_is_off_is_nobody_s_neighbour_until_it_is_on_again(): void
    {
        $off = [5, 'mains', ['device' => 'chart-dimmer', 'kind' => 'off']];
        $house = FoldTest::house();
        $address = $house->devices['chart-dimmer']->address;

        self::assertSame([], $this->links($this->fold($house, 30, $off), $address));
        $on = [9, 'mains', ['device' => 'chart-dimmer', 'kind' => 'on']];
        self::assertNotSame([], $this->links($this->fold($house, 30, $off, $on), $address));
        $switched = $this->fold($house, 30, $off, [9, 'switch', ['command' => 'switch-01', 'address' => $address, 'value' => 'on']]);
        self::assertSame('command.failed', end($switched->hub->events)['type'] ?? null);
    }

    /**
     * @param  array<string, true>  $in  devices that are in besides those of the demo
     * @param  array<string, float|int>  $radios  how much stronger each sends
     */
    private static function house(array $in, array $radios = []): House
    {
        $demo = dirname(__DIR__, 2).'/database/demo/lantern-house';
        $job = json_decode((string) file_get_contents("{$demo}.json"), true);
        foreach ($job['slots'] as $number => $slot) {
            $job['slots'][$number]['node'] ??= isset($in[$slot['key']]) ? '02B4D10000000F0F' : null;
        }
        foreach (array_keys($in) as $key) {
            $profile = array_column($job['slots'], 'profile', 'key')[$key];
            $job['nodes'][] = [...$job['nodes'][0], 'address' => '02B4D10000000F0F',
                'protocol' => array_column($job['profiles'], 'protocol', 'key')[$profile]];
        }
        $overlay = json_decode((string) file_get_contents("{$demo}.truth.json"), true);
        $overlay['radios'] = (object) array_map(static fn (float|int $db): array => ['txDb' => $db], $radios);

        return House::read((string) json_encode($job), (string) json_encode($overlay));
    }

    /** @return list<array{from: string, to: string, marginDb: float, marginBackDb?: float}> */
    private function linksOf(Fold $fold, Protocol $protocol, string $device): array
    {
        $address = $fold->world->devices[$device]->device->address;

        return array_values(array_filter(
            $fold->world->neighbours($protocol, 1, 0),
            static fn (array $link): bool => in_array($address, [$link['from'], $link['to']], true),
        ));
    }

    /** @return list<array{from: string, to: string, marginDb: float, marginBackDb?: float}> of this address, in a Zigbee reading */
    private function links(Fold $fold, string $address): array
    {
        $begun = $fold->hub->readings['reading-1']['at'] ?? 0;

        return array_values(array_filter(
            $fold->world->neighbours(Protocol::Zigbee, 1, $begun),
            static fn (array $link): bool => in_array($address, [$link['from'], $link['to']], true),
        ));
    }

    /** @param array{int, string, array<string, mixed>} ...$deeds */
    private function fold(House $house, int $seconds, array ...$deeds): Fold
    {
        $log = [['at' => self::START, 'do' => 'boot', 'epoch' => 'first']];
        foreach ($deeds as [$at, $do, $deed]) {
            $log[] = ['at' => self::START + $at * 1000, 'do' => $do, ...$deed];
        }

        return Fold::of($house, $log, self::START + $seconds * 1000);
    }
}
