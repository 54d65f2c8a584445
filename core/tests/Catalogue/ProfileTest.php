<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Catalogue;

use Kavvel\Core\Catalogue\Profile;
use Kavvel\Core\Catalogue\Step;
use Kavvel\Core\Handover\BatteryLife;
use Kavvel\Core\Input\Input;
use Kavvel\Core\Input\InvalidInput;
use Kavvel\Core\Protocol\Region;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class ProfileTest extends TestCase
{
    /** @param array<string, mixed> $step */
    #[DataProvider('steps')]
    public function test_a_step_reads_as_a_sentence(array $step, string $sentence): void
    {
        self::assertSame($sentence, Step::fromInput(Input::of($step))->sentence());
    }

    /** @return list<array{array<string, mixed>, string}> */
    public static function steps(): array
    {
        return [
            [['do' => 'press', 'times' => 3, 'seconds' => 2, 'target' => 'the side button'], 'Press the side button 3 times within 2 s'],
            [['do' => 'press'], 'Press the button once'],
            [['do' => 'tap', 'times' => 2, 'target' => 'the key'], 'Tap the key 2 times, do not hold'],
            [['do' => 'hold', 'seconds' => 6], 'Hold the button for 6 s'],
            [['do' => 'hold', 'seconds' => 0.5, 'target' => 'the ring'], 'Hold the ring for 0.5 s'],
            [['do' => 'pin-hold', 'seconds' => 5, 'target' => 'the reset hole'], 'Push a pin into the reset hole for 5 s'],
            [['do' => 'pull-tab'], 'Pull the battery tab'],
            [['do' => 'insert-battery'], 'Put the battery in'],
            [['do' => 'power-on', 'target' => 'breaker 7'], 'Power on at breaker 7'],
            [['do' => 'power-on'], 'Power on'],
            [['do' => 'power-cycle', 'times' => 6], 'Switch off and on 6 times'],
            [['do' => 'turn', 'target' => 'the knob', 'times' => 2], 'Turn the knob 2 times'],
            [['do' => 'scan'], 'Scan the code on the sticker'],
            [['do' => 'enter-code'], 'Enter the code from the sticker'],
        ];
    }

    public function test_only_a_pin_needs_a_tool(): void
    {
        self::assertSame('pin', Step::fromInput(Input::of(['do' => 'pin-hold', 'seconds' => 5]))->tool());
        self::assertNull(Step::fromInput(Input::of(['do' => 'press']))->tool());
    }

    public function test_a_profile_overrides_the_radio_of_its_protocol(): void
    {
        $plain = $this->profile([]);
        $own = $this->profile(['radio' => ['txDbm' => 4, 'gainDbi' => -3]]);

        self::assertSame([8.0, -97.0, -1.0], [$plain->radio?->txDbm, $plain->radio?->sensitivityDbm, $plain->radio?->gainDbi]);
        self::assertSame([4.0, -97.0, -3.0], [$own->radio?->txDbm, $own->radio?->sensitivityDbm, $own->radio?->gainDbi]);
    }

    public function test_regions_change_the_band_of_z_wave_only(): void
    {
        $zwave = fn (Region $region): ?float => $this->profile(['protocol' => 'zwave'], $region)->radio?->frequencyMHz;

        self::assertSame([868.42, 908.42, 921.42], array_map($zwave, Region::cases()));
        self::assertSame(2440.0, $this->profile([], Region::Us)->radio?->frequencyMHz);
    }

    public function test_a_profile_made_for_another_region_sends_there_and_suits_only_that(): void
    {
        $siren = $this->profile(['protocol' => 'zwave', 'region' => 'US'], Region::Eu);

        self::assertSame(908.42, $siren->radio?->frequencyMHz);
        self::assertSame([false, true], [$siren->suits(Region::Eu), $siren->suits(Region::Us)]);
        self::assertTrue($this->profile(['protocol' => 'zwave'])->suits(Region::Anz), 'one that says nothing is bought for the job');
        self::assertTrue($this->profile(['region' => 'US'])->suits(Region::Eu), 'Zigbee is the same everywhere');
    }

    public function test_long_range_is_a_band_of_its_own_where_the_region_has_one(): void
    {
        $lock = fn (Region $region): ?float => $this->profile(
            ['protocol' => 'zwave', 'longRange' => true],
            $region,
        )->radio?->frequencyMHz;

        self::assertSame([864.4, 912.0, 921.42], array_map($lock, Region::cases()));
        self::assertFalse($this->profile(['longRange' => true])->longRange, 'only Z-Wave has it');
    }

    public function test_relays_locks_and_alarms_need_a_sound_link(): void
    {
        $end = ['role' => 'end', 'power' => 'battery'];

        self::assertTrue($this->profile([])->needsSoundLink(), 'a relay');
        self::assertFalse($this->profile($end)->needsSoundLink());
        self::assertTrue($this->profile([...$end, 'secure' => true])->needsSoundLink());
        self::assertTrue($this->profile([...$end, 'vital' => true])->needsSoundLink());
        self::assertTrue($this->profile(['secure' => true, 'vital' => true])->needsSoundLink());
    }

    public function test_only_a_router_that_stays_plugged_in_is_made_to_relay(): void
    {
        $relay = ['role' => 'router', 'power' => 'mains', 'capabilities' => ['on-off', 'relay']];

        self::assertTrue($this->profile($relay)->isMadeToRelay());
        self::assertFalse($this->profile([...$relay, 'removable' => true])->isMadeToRelay());
        self::assertFalse($this->profile([...$relay, 'capabilities' => ['on-off']])->isMadeToRelay());
        self::assertFalse($this->profile([...$relay, 'role' => 'end'])->isMadeToRelay());
    }

    public function test_infrared_and_wired_devices_have_no_radio(): void
    {
        self::assertNull($this->profile(['protocol' => 'ir'])->radio);
        self::assertNull($this->profile(['protocol' => 'wired'])->radio);
    }

    public function test_an_actuator_is_what_can_be_switched(): void
    {
        self::assertTrue($this->profile(['capabilities' => ['power', 'on-off']])->isActuator());
        self::assertFalse($this->profile(['capabilities' => ['contact']])->isActuator());
    }

    public function test_a_battery_gives_its_life(): void
    {
        $life = $this->profile(['battery' => [
            'type' => 'CR2032', 'count' => 2, 'chemistry' => 'lithium', 'sleepMicroAmp' => 3, 'eventsPerDay' => 50,
            'microAmpSecondsPerEvent' => 3000,
        ]])->battery;
        $life = $life === null ? null : BatteryLife::forecast($life);

        self::assertSame(4.28, round($life->years ?? 0, 2), 'two cells in series add no charge');
    }

    /** @param array<string, mixed> $change */
    #[DataProvider('broken')]
    public function test_a_broken_entry_says_where(array $change, string $at): void
    {
        try {
            $this->profile($change);
            self::fail('It was taken.');
        } catch (InvalidInput $refused) {
            self::assertSame($at, $refused->at);
        }
    }

    /** @return list<array{array<string, mixed>, string}> */
    public static function broken(): array
    {
        return [
            [['protocol' => 'pigeon'], '$.protocol'], [['role' => 'king'], '$.role'], [['power' => 'steam'], '$.power'],
            [['capabilities' => 'on-off'], '$.capabilities'],
            [['battery' => ['type' => 'XL']], '$.battery.type'],
            [['recipe' => ['light' => 'on', 'join' => [['do' => 'shout']]]], '$.recipe.join[0].do'],
            [['recipe' => ['join' => []]], '$.recipe.light'], [['key' => ''], '$.key'],
        ];
    }

    /** @param array<string, mixed> $change */
    private function profile(array $change, Region $region = Region::Eu): Profile
    {
        return Profile::fromInput(Input::of([
            'key' => 'p',
            'name' => 'Relay',
            'model' => 'M',
            'protocol' => 'zigbee',
            'role' => 'router',
            'power' => 'mains',
            'capabilities' => ['on-off'],
            ...$change,
        ]), $region);
    }
}
