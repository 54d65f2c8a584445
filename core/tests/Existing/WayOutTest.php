<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Existing;

use Kavvel\Core\Catalogue\Profile;
use Kavvel\Core\Existing\ExistingDevice;
use Kavvel\Core\Existing\ExistingStanding;
use Kavvel\Core\Existing\Fate;
use Kavvel\Core\Existing\Holder;
use Kavvel\Core\Existing\WayOut;
use Kavvel\Core\Protocol\Protocol;
use Kavvel\Core\Tests\Wants\Shelf;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class WayOutTest extends TestCase
{
    public function test_a_z_wave_device_is_excluded_by_its_own_hub_or_by_any(): void
    {
        $own = WayOut::of(Protocol::ZWave, Holder::Hub, null);
        $any = WayOut::of(Protocol::ZWave, Holder::Unknown, self::lamp('zwave'));

        self::assertStringContainsString('SmartStart', $own->steps[0]);
        self::assertSame('Open the exclusion window of the hub that it is in.', $own->steps[1]);
        self::assertSame(['Do not reset it instead: its old hub goes on calling for it.'], $own->cautions);
        self::assertSame('Open the exclusion window of our hub: any controller of its region can exclude it.', $any->steps[1]);
        self::assertSame('Hold the button for 10 s, then switch off and on 3 times.', $any->steps[2]);
    }

    /** @return iterable<string, array{Protocol, Holder, list<string>}> */
    public static function ways(): iterable
    {
        yield 'Zigbee, held' => [Protocol::Zigbee, Holder::Hub, [
            'Wake it, and remove it in what it is in.', 'Is it out of reach there: reset it as its sheet says, and take its entry off.',
        ]];
        yield 'Zigbee, not known' => [Protocol::Zigbee, Holder::Unknown, ['Reset it as its sheet says.']];
        yield 'Thread, held' => [Protocol::Thread, Holder::Account, [
            'Remove it in the app that it is in: that takes the fabric off it.',
            'Can nobody get into that app: reset it as its sheet says.',
        ]];
        yield 'Matter, not known' => [Protocol::Matter, Holder::Unknown, ['Reset it as its sheet says.']];
        yield 'Wi-Fi' => [Protocol::Wifi, Holder::Account, [
            'Have its owner take it out of the account: it stays locked to it else.', 'Reset it as its sheet says.',
        ]];
        yield 'Bluetooth' => [Protocol::BluetoothLe, Holder::Account, [
            'Remove it from the phone or hub that it is bonded with.', 'Reset it as its sheet says.',
        ]];
        yield 'a bus' => [Protocol::WiredBus, Holder::Hub, [
            'Take it out of the project of the bus, and note the addresses that become free.',
        ]];
        yield 'infrared' => [Protocol::Infrared, Holder::Unknown, []];
        yield '433 MHz' => [Protocol::Rf433, Holder::Hub, []];
        yield 'never in anything' => [Protocol::ZWave, Holder::Nobody, []];
    }

    /** @param list<string> $steps */
    #[DataProvider('ways')]
    public function test_each_protocol_has_its_way_out(Protocol $protocol, Holder $holder, array $steps): void
    {
        $way = WayOut::of($protocol, $holder, null);

        self::assertSame($steps, $way->steps);
        self::assertSame($steps !== [], $way->isNeeded());
    }

    /** @return iterable<string, array{string, list<string>, string}> */
    public static function cautions(): iterable
    {
        yield 'a lock' => ['zigbee', ['lock'], 'list who has one before'];
        yield 'a smoke alarm' => ['zigbee', ['smoke'], 'It has to sound alone'];
        yield 'a CO alarm' => ['zigbee', ['co'], 'It has to sound alone'];
        yield 'a thermostat' => ['zigbee', ['thermostat'], 'frost protection stays'];
        yield 'a siren' => ['zigbee', ['siren'], 'whoever monitors it'];
        yield 'a camera' => ['wifi', ['camera'], 'ask before'];
        yield 'what can be shared' => ['matter', ['on-off'], 'be shared'];
    }

    /** @param list<string> $capabilities */
    #[DataProvider('cautions')]
    public function test_what_is_to_be_seen_to_before_is_said(string $protocol, array $capabilities, string $words): void
    {
        $profile = Shelf::profile('p', ['protocol' => $protocol, 'capabilities' => $capabilities]);

        self::assertStringContainsString($words, implode(' ', WayOut::of($profile->protocol, Holder::Account, $profile)->cautions));
        self::assertSame([], WayOut::of(Protocol::Zigbee, Holder::Unknown, Shelf::profile('b', ['capabilities' => ['button']]))->cautions);
    }

    public function test_what_relays_is_said_where_messages_are_passed_on(): void
    {
        $relays = static fn (string $protocol): bool => str_contains(
            implode(' ', WayOut::of(self::lamp($protocol)->protocol, Holder::Account, self::lamp($protocol))->cautions),
            'It relays',
        );

        self::assertTrue($relays('zigbee'));
        self::assertFalse($relays('wifi'));
    }

    public function test_what_leaves_comes_first_then_what_is_to_be_planned(): void
    {
        $device = self::device(...);
        $keep = $device('keep', Fate::Keep, false, false);
        $plan = $device('plan', Fate::Move, true, false);
        $leave = $device('leave', Fate::TakeOut, false, false);
        $free = $device('free', Fate::Move, true, true);

        self::assertSame(
            [ExistingStanding::Stays, ExistingStanding::ToPlan, ExistingStanding::ToLeave, ExistingStanding::Done],
            array_map(static fn (ExistingDevice $one): ExistingStanding => $one->standing(), [$keep, $plan, $leave, $free]),
        );
        self::assertSame('leave', ExistingStanding::next([$keep, $plan, $leave, $free])?->key);
        self::assertSame('plan', ExistingStanding::next([$keep, $free, $plan])?->key);
        self::assertNull(ExistingStanding::next([$keep, $free]));
        self::assertNull(ExistingStanding::next([]));
        self::assertFalse($keep->leavesFirst());
        self::assertSame(ExistingStanding::ToPlan, $device('projector', Fate::Move, false, false)->standing(), 'it is in nothing');
        self::assertSame('out', ExistingStanding::Done->words(Fate::TakeOut));
        self::assertSame('free, to be paired as planned', ExistingStanding::Done->words(Fate::Move));
    }

    private static function device(string $key, Fate $fate, bool $hasLeft, bool $isPlanned): ExistingDevice
    {
        $protocol = $key === 'projector' ? Protocol::Infrared : Protocol::Zigbee;

        return new ExistingDevice($key, $protocol, null, Holder::Hub, $fate, $hasLeft, $isPlanned);
    }

    private static function lamp(string $protocol): Profile
    {
        return Shelf::profile('lamp', [
            'protocol' => $protocol, 'role' => 'router', 'power' => 'mains', 'capabilities' => ['on-off'], 'recipe' => [
                'join' => [], 'light' => 'it blinks',
                'leave' => [['do' => 'hold', 'seconds' => 10], ['do' => 'power-cycle', 'times' => 3]],
            ],
        ]);
    }
}
