<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Radio;

use Eris\Generators;
use Eris\TestTrait;
use Kavvel\Core\Protocol\Protocol;
use Kavvel\Core\Protocol\Region;
use Kavvel\Core\Radio\Antenna;
use Kavvel\Core\Radio\Disturber;
use Kavvel\Core\Radio\DutyCycle;
use Kavvel\Core\Radio\RadioCheck;
use Kavvel\Core\Radio\RadioFinding;
use Kavvel\Core\Radio\Reporting;
use Kavvel\Core\Radio\Transceiver;
use Kavvel\Core\Site\Vec3;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class RadioCheckTest extends TestCase
{
    use TestTrait;

    public function test_a_device_of_another_region_is_named_with_both_frequencies(): void
    {
        $texts = $this->texts(Region::Eu, [], $this->zwave(region: Region::Us));

        self::assertSame(
            [
                'The wall siren is made for US (908.42 MHz), the controller for EU (868.42 MHz). They never hear each other: '
                    .'exchange it for the EU model before the visit.',
            ],
            $texts,
        );
    }

    public function test_a_device_of_the_own_region_or_of_none_is_no_finding(): void
    {
        self::assertSame([], $this->texts(Region::Eu, [], $this->zwave(region: Region::Eu)));
        self::assertSame([], $this->texts(Region::Eu, [], $this->zwave(region: null)));
    }

    /** @param list<Protocol> $protocols */
    #[DataProvider('distances')]
    public function test_an_antenna_near_a_disturber_is_found(
        Disturber $disturber,
        float $metres,
        array $protocols,
        bool $isFound,
    ): void {
        $texts = $this->texts(
            Region::Eu,
            [[$disturber, new Vec3($metres, 0, 1)]],
            new Antenna('x', 'hall relay', new Vec3(0, 0, 1), $protocols),
        );

        self::assertCount($isFound ? 1 : 0, $texts);
    }

    /** @return array<string, array{Disturber, float, list<Protocol>, bool}> */
    public static function distances(): array
    {
        return [
            'access point at 1.49 m' => [Disturber::AccessPoint, 1.49, [Protocol::Zigbee], true],
            'access point at 1.5 m' => [Disturber::AccessPoint, 1.5, [Protocol::Zigbee], false],
            'fast USB port at 0.49 m' => [Disturber::FastUsbPort, 0.49, [Protocol::Thread], true],
            'fast USB port at 0.5 m' => [Disturber::FastUsbPort, 0.5, [Protocol::Thread], false],
            'beside a Bluetooth device' => [Disturber::AccessPoint, 1.0, [Protocol::BluetoothLe], true],
            'beside a Wi-Fi device' => [Disturber::AccessPoint, 1.0, [Protocol::Wifi], false],
            'beside a Z-Wave device' => [Disturber::AccessPoint, 1.0, [Protocol::ZWave], false],
            'beside a gateway of several radios' => [Disturber::AccessPoint, 1.0, [Protocol::ZWave, Protocol::Zigbee], true],
        ];
    }

    public function test_the_gateway_is_told_of_the_extension_lead_and_a_device_of_moving(): void
    {
        $beside = [[Disturber::AccessPoint, new Vec3(1, 0, 1)]];

        self::assertSame(
            ['The hub is 1.0 m from the access point, 1.5 m at least. Bring its antenna away on an extension lead.'],
            $this->texts(Region::Eu, $beside, new Antenna(null, 'hub', new Vec3(0, 0, 1), [Protocol::Zigbee])),
        );
        self::assertStringEndsWith(
            'Move one of the two, or bring the antenna away on an extension lead.',
            $this->texts(Region::Eu, $beside, new Antenna('x', 'hall relay', new Vec3(0, 0, 1), [Protocol::Zigbee]))[0],
        );
    }

    public function test_short_intervals_are_a_finding_where_time_on_air_is_limited(): void
    {
        $texts = $this->texts(Region::Eu, [], $this->zwave(reporting: new Reporting(5, 2)));

        self::assertSame(
            [
                'The wall siren sends 2 values every 5 s: up to 2 % of the time on air, where 1 % is allowed at 868.42 MHz. Set 10 s '
                    .'or longer.',
            ],
            $texts,
        );
        self::assertStringStartsWith(
            'The wall siren sends a value every 1.3 s: up to 4 % of the time on air',
            $this->texts(Region::Eu, [], $this->zwave(reporting: new Reporting(1.25, 1)))[0],
        );
        self::assertStringContainsString(
            'where 10 % is allowed at 433.92 MHz.',
            $this->texts(Region::Eu, [], new Antenna(
                'remote',
                'gate remote',
                new Vec3(0, 0, 1),
                [Protocol::Rf433],
                Transceiver::of(Protocol::Rf433),
                null,
                new Reporting(0.1, 9),
            ))[0] ?? '',
        );
        self::assertSame([], $this->texts(Region::Eu, [], $this->zwave(reporting: new Reporting(10, 2))), 'exactly at the limit');
        self::assertSame([], $this->texts(Region::Us, [], $this->zwave(Region::Us, reporting: new Reporting(1, 9))), 'no limit there');
    }

    public function test_everything_wrong_with_an_antenna_is_said(): void
    {
        $antenna = new Antenna(
            'x',
            'hall relay',
            new Vec3(0, 0, 1),
            [Protocol::Zigbee],
            Transceiver::of(Protocol::Zigbee),
            null,
            new Reporting(1, 4),
        );

        self::assertCount(
            2,
            $this->texts(
                Region::Eu,
                [[Disturber::AccessPoint, new Vec3(1, 0, 1)], [Disturber::FastUsbPort, new Vec3(0, 0.3, 1)]],
                $antenna,
            ),
            'two disturbers; 2.4 GHz has no duty cycle',
        );
    }

    /** @param float|null $limit share */
    #[DataProvider('bands')]
    public function test_the_limit_is_that_of_the_sub_band(float $frequencyMHz, Region $region, ?float $limit): void
    {
        self::assertSame($limit, DutyCycle::at($frequencyMHz, $region)?->limit);
    }

    /** @return array<string, array{float, Region, float|null}> */
    public static function bands(): array
    {
        return [
            'classic' => [868.42, Region::Eu, 0.01],
            'classic at 100 kb/s' => [869.85, Region::Eu, 0.01],
            'Long Range, first channel' => [864.4, Region::Eu, 0.001],
            'Long Range, second channel' => [866.4, Region::Eu, 0.01],
            'hand remotes' => [433.92, Region::Eu, 0.1],
            'lowest of all' => [433.05, Region::Eu, 0.1],
            'last of the remotes' => [434.79, Region::Eu, 0.1],
            'beyond the remotes' => [434.8, Region::Eu, null],
            'below the first of 868' => [862.9, Region::Eu, null],
            'first of 868' => [863.0, Region::Eu, 0.001],
            'last of the first' => [864.99, Region::Eu, 0.001],
            'first of the second' => [865.01, Region::Eu, 0.01],
            'last of the second' => [868.6, Region::Eu, 0.01],
            'between two bands' => [868.65, Region::Eu, null],
            'alarms, from' => [868.7, Region::Eu, 0.001],
            'alarms, to' => [869.2, Region::Eu, 0.001],
            'after the alarms' => [869.3, Region::Eu, null],
            'the generous band, from' => [869.4, Region::Eu, 0.1],
            'the generous band, to' => [869.65, Region::Eu, 0.1],
            'before the last' => [869.68, Region::Eu, null],
            'the last, from' => [869.7, Region::Eu, 0.01],
            'the last, to' => [870.0, Region::Eu, 0.01],
            'beyond the last' => [870.1, Region::Eu, null],
            'Wi-Fi' => [2440, Region::Eu, null],
            'the same frequency elsewhere' => [868.42, Region::Us, null],
        ];
    }

    public function test_the_shortest_interval_keeps_to_the_limit_and_one_second_less_does_not(): void
    {
        $this->forAll(Generators::choose(1, 40), Generators::elements(433.92, 864.4, 868.42))
            ->then(static function (int $values, float $frequency): void {
                $duty = DutyCycle::at($frequency, Region::Eu);
                self::assertNotNull($duty);
                $shortest = $duty->shortestSeconds(new Reporting(1, $values));

                self::assertTrue($duty->allows(new Reporting($shortest + 1e-6, $values)));
                self::assertFalse($duty->allows(new Reporting(max(0.01, $shortest - 1), $values)));
            });
    }

    public function test_long_range_has_its_own_band_and_hears_no_classic_radio(): void
    {
        $longRange = Transceiver::longRange(Protocol::ZWave, Region::Us);
        $classic = Transceiver::of(Protocol::ZWave, Region::Us);

        $european = Transceiver::longRange(Protocol::ZWave, Region::Eu);

        self::assertNotNull($longRange);
        self::assertNotNull($european);
        self::assertSame([912.0, 14.0, -110.0], [$longRange->frequencyMHz, $longRange->txDbm, $longRange->sensitivityDbm]);
        self::assertSame([864.4, 14.0, -110.0], [$european->frequencyMHz, $european->txDbm, $european->sensitivityDbm]);
        self::assertNull(Transceiver::longRange(Protocol::ZWave, Region::Anz), 'no such band there');
        self::assertNotNull($classic);
        self::assertFalse($classic->hears($longRange));
        self::assertTrue($classic->hears($classic));
    }

    private function zwave(Region $controller = Region::Eu, ?Region $region = null, ?Reporting $reporting = null): Antenna
    {
        return new Antenna(
            'siren',
            'wall siren',
            new Vec3(0, 0, 1),
            [Protocol::ZWave],
            Transceiver::of(Protocol::ZWave, $region ?? $controller),
            $region,
            $reporting,
        );
    }

    /**
     * @param  list<array{Disturber, Vec3}>  $disturbers
     * @return list<string>
     */
    private function texts(Region $region, array $disturbers, Antenna $antenna): array
    {
        return array_map(
            static fn (RadioFinding $finding): string => str_replace("\u{a0}", ' ', $finding->text),
            (new RadioCheck($region, $disturbers))->of($antenna),
        );
    }
}
