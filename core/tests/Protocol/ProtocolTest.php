<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Protocol;

use Kavvel\Core\Protocol\Joining;
use Kavvel\Core\Protocol\LabelField;
use Kavvel\Core\Protocol\Protocol;
use Kavvel\Core\Protocol\Region;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class ProtocolTest extends TestCase
{
    public function test_each_has_a_tag_and_a_title_of_its_own(): void
    {
        $tags = array_map(static fn (Protocol $protocol): string => $protocol->tag(), Protocol::cases());
        $titles = array_map(static fn (Protocol $protocol): string => $protocol->title(), Protocol::cases());

        self::assertSame(['ZB', 'ZW', 'TH', 'MT', 'WF', 'BT', 'IR', 'RF', 'WB'], $tags);
        self::assertSame(['Zigbee', 'Z-Wave', 'Thread', 'Matter', 'Wi-Fi', 'Bluetooth LE', 'Infrared', '433 MHz', 'Wired bus'], $titles);
        self::assertSame(['zigbee', 'zwave', 'thread', 'matter', 'wifi', 'bluetooth', 'ir', 'rf', 'wired'], Protocol::words());
    }

    public function test_three_of_them_are_meshes(): void
    {
        self::assertSame([Protocol::Zigbee, Protocol::ZWave, Protocol::Thread], Protocol::meshes());
    }

    /** @param list<float>|null $radio MHz, dBm, dBm, dBi */
    #[DataProvider('radios')]
    public function test_each_is_planned_with_its_own_radio(Protocol $protocol, Region $region, ?array $radio): void
    {
        $planned = $protocol->rules()->radio($region);

        self::assertSame(
            $radio,
            $planned === null ? null : [$planned->frequencyMHz, $planned->txDbm, $planned->sensitivityDbm, $planned->gainDbi],
        );
    }

    /** @return list<array{Protocol, Region, list<float>|null}> */
    public static function radios(): array
    {
        return [
            [Protocol::Zigbee, Region::Eu, [2440.0, 8.0, -97.0, -1.0]],
            [Protocol::Thread, Region::Us, [2440.0, 8.0, -97.0, -1.0]],
            [Protocol::BluetoothLe, Region::Eu, [2440.0, 4.0, -93.0, -1.0]],
            [Protocol::Wifi, Region::Eu, [2437.0, 17.0, -82.0, -1.0]],
            [Protocol::Matter, Region::Eu, [2437.0, 17.0, -82.0, -1.0]],
            [Protocol::ZWave, Region::Eu, [868.42, 5.0, -96.0, -1.0]],
            [Protocol::ZWave, Region::Us, [908.42, 0.0, -96.0, -1.0]],
            [Protocol::ZWave, Region::Anz, [921.42, 0.0, -96.0, -1.0]],
            [Protocol::Rf433, Region::Eu, [433.92, 10.0, -100.0, -8.0]],
            [Protocol::Infrared, Region::Eu, null],
            [Protocol::WiredBus, Region::Eu, null],
        ];
    }

    public function test_z_wave_alone_has_a_long_range_and_regions(): void
    {
        foreach (Protocol::cases() as $protocol) {
            $rules = $protocol->rules();
            self::assertSame($protocol === Protocol::ZWave, $rules->hasLongRange(), $protocol->title());
            self::assertSame($protocol === Protocol::ZWave, $rules->hasRegions(), $protocol->title());
            self::assertSame($protocol === Protocol::ZWave, $rules->longRange(Region::Eu) !== null, $protocol->title());
        }
        self::assertSame(912.0, Protocol::ZWave->rules()->longRange(Region::Us)?->frequencyMHz);
        self::assertNull(Protocol::ZWave->rules()->longRange(Region::Anz));
    }

    public function test_how_a_device_comes_in_and_how_long_its_window_lasts(): void
    {
        $rows = array_map(
            static fn (Protocol $protocol): array => [$protocol->rules()->joining(), $protocol->rules()->longestWindowSeconds()],
            Protocol::cases(),
        );

        self::assertSame([
            [Joining::Window, 254], [Joining::Window, 60], [Joining::Window, 900], [Joining::Window, 900], [Joining::Window, 180],
            [Joining::Window, 180],
            [Joining::Taught, null], [Joining::Taught, null], [Joining::Addressed, null],
        ], $rows);
        self::assertSame(
            ['pair', 'teach', 'address'],
            array_map(static fn (Joining $joining): string => $joining->verb(), Joining::cases()),
        );
    }

    #[DataProvider('channels')]
    public function test_a_channel_has_its_centre(Protocol $protocol, int $number, ?float $mhz): void
    {
        self::assertSame($mhz, $protocol->rules()->channelMHz($number));
    }

    /** @return list<array{Protocol, int, float|null}> */
    public static function channels(): array
    {
        return [
            [Protocol::Zigbee, 11, 2405.0], [Protocol::Zigbee, 20, 2450.0], [Protocol::Thread, 26, 2480.0], [Protocol::Zigbee, 10, null],
            [Protocol::Zigbee, 27, null], [Protocol::Wifi, 1, 2412.0], [Protocol::Wifi, 6, 2437.0], [Protocol::Wifi, 13, 2472.0],
            [Protocol::Wifi, 14, 2484.0], [Protocol::Wifi, 0, null], [Protocol::Wifi, 15, null], [Protocol::ZWave, 1, null],
        ];
    }

    public function test_a_protocol_with_channels_says_which(): void
    {
        foreach (Protocol::cases() as $protocol) {
            $rules = $protocol->rules();
            $has = $rules->channelMHz(12) !== null;
            self::assertSame($has, $rules->channelWords() !== null, $protocol->title());
        }
    }

    public function test_wi_fi_drowns_the_small_radios_of_its_band(): void
    {
        $drowned = array_values(array_filter(
            Protocol::cases(),
            static fn (Protocol $protocol): bool => $protocol->rules()->isDrownedAt2400MHz(),
        ));

        self::assertSame([Protocol::Zigbee, Protocol::Thread, Protocol::BluetoothLe], $drowned);
    }

    public function test_what_of_a_name_is_written_to_a_device(): void
    {
        $fields = static fn (Protocol $protocol): array => array_map(
            static fn (LabelField $field): array => [$field->title, $field->bytes, $field->isPlace],
            $protocol->rules()->labelFields(),
        );

        self::assertSame([['Z-Wave name', 16, false], ['Z-Wave location', 16, true]], $fields(Protocol::ZWave));
        self::assertSame([['Matter label', 32, false]], $fields(Protocol::Matter));
        self::assertSame($fields(Protocol::Matter), $fields(Protocol::Thread));
        self::assertSame([], $fields(Protocol::Zigbee));
    }

    public function test_route_rules_differ_in_what_bounds_a_path(): void
    {
        $bounds = array_map(static function (Protocol $protocol): array {
            $rule = $protocol->rules()->routes();

            return [$rule?->pathCostLimit(), $rule?->mostHops(), $rule?->unremarkableHops()];
        }, Protocol::meshes());

        self::assertSame([[null, null, 5], [5, 5, null], [15, null, null]], $bounds);
    }
}
