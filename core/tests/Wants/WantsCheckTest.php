<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Wants;

use Kavvel\Core\Catalogue\Profile;
use Kavvel\Core\Floorplan\OpeningKind;
use Kavvel\Core\Protocol\Protocol;
use Kavvel\Core\Site\SpotKind;
use Kavvel\Core\Site\Vec3;
use Kavvel\Core\Siting\RoomSpots;
use Kavvel\Core\Siting\Spot;
use Kavvel\Core\Tests\Floorplan\House;
use Kavvel\Core\Tests\Siting\RoomSpotsTest;
use Kavvel\Core\Wants\PlannedDevice;
use Kavvel\Core\Wants\Reach;
use Kavvel\Core\Wants\Suggestion;
use Kavvel\Core\Wants\UnmetWant;
use Kavvel\Core\Wants\Want;
use Kavvel\Core\Wants\WantedBy;
use Kavvel\Core\Wants\WantedFrom;
use Kavvel\Core\Wants\WantedFunction;
use Kavvel\Core\Wants\WantsCheck;
use Kavvel\Core\Wants\WantsReport;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class WantsCheckTest extends TestCase
{
    public function test_a_sensor_that_measures_three_things_goes_before_three_that_measure_one(): void
    {
        $report = self::check([], 'kitchen temperature', 'kitchen humidity', 'kitchen air');

        self::assertSame(['air wall'], self::told($report));
        self::assertSame('One device for temperature, humidity and air quality. Nothing else in the catalogue does as much.', $report
            ->suggestions[0]->reason);
    }

    public function test_a_dimmer_does_what_a_relay_does_and_what_it_does_not(): void
    {
        self::assertSame(['dimmer ceiling'], self::told(self::check([], 'kitchen switch-light', 'kitchen dim-light')));
        self::assertSame(['relay ceiling'], self::told(self::check([], 'kitchen switch-light')), 'no more than is asked for, by name');
    }

    public function test_what_is_open_is_known_window_by_window_and_at_the_doors_that_lead_out(): void
    {
        self::assertSame(
            ['contact window 1', 'contact window 2', 'contact door'],
            self::told(self::check([], 'kitchen opened', 'hall opened')),
        );
    }

    public function test_a_device_that_is_there_serves_the_opening_that_it_is_at(): void
    {
        $second = RoomSpots::of(RoomSpotsTest::house(), 'kitchen')->windows()[1]->before();
        $contact = self::device('contact', 'kitchen', new Vec3($second[0] + 0.1, $second[1], 2.0));
        $report = self::check([$contact], 'kitchen opened');

        self::assertSame(['contact window 1'], self::told($report));
        $standing = $report->standing('kitchen', WantedFunction::Opened);
        self::assertSame(['kitchen-contact'], $standing?->slots);
        self::assertSame(1, $standing->missing);
        self::assertFalse($standing->isServed(), 'one of two');
        self::assertSame(0, $report->countServed());
    }

    public function test_what_is_served_asks_for_nothing(): void
    {
        $report = self::check([self::device('dimmer', 'kitchen')], 'kitchen switch-light', 'kitchen dim-light');

        self::assertSame([], $report->suggestions);
        self::assertSame(2, $report->countServed());
        self::assertTrue($report->standing('kitchen', WantedFunction::DimLight)?->isServed());
        self::assertNull($report->standing('hall', WantedFunction::DimLight), 'nobody asked');
        self::assertSame([], $report->unasked);
    }

    public function test_what_nothing_serves_is_told_with_its_reason(): void
    {
        $report = self::check([], 'kitchen leak', 'hall cover', 'kitchen lock', 'kitchen temperature');

        self::assertEquals([
            new UnmetWant('kitchen', WantedFunction::Lock, 'There is no door to the outside on the plan.', true),
            new UnmetWant('kitchen', WantedFunction::Leak, 'Nothing in the catalogue does it.'),
            new UnmetWant('hall', WantedFunction::Cover, 'There is no window on the plan.', true),
        ], $report->unmet);
        self::assertSame(['thermometer wall'], self::told($report), 'the rest is suggested all the same');
    }

    public function test_a_valve_does_not_know_the_temperature_of_its_room(): void
    {
        self::assertSame(['valve radiator', 'thermometer wall'], self::told(self::check([], 'kitchen heat', 'kitchen temperature')));
    }

    public function test_devices_that_nobody_asked_for_are_listed_but_relays(): void
    {
        $devices = [
            self::device('motion', 'kitchen'), self::device('repeater', 'kitchen'), self::device('relay', 'hall'),
            self::device('relay', 'kitchen'),
        ];

        self::assertSame(['kitchen-motion', 'hall-relay'], self::check($devices, 'kitchen switch-light')->unasked);
        self::assertSame([], self::check($devices)->unasked, 'without a want nothing is out of place');
    }

    public function test_what_tells_no_state_says_so_before_it_is_bought(): void
    {
        $awning = Shelf::profile('awning', ['protocol' => 'rf', 'power' => 'mains', 'capabilities' => ['cover']]);
        $check = new WantsCheck(RoomSpotsTest::house(), [$awning], [], self::reach(null, []));
        [$one] = $check->of([self::want('kitchen cover')])->suggestions;

        self::assertStringContainsString('It tells no state', $one->cautions[0]);
    }

    public function test_what_a_machine_takes_is_decided_by_the_machine(): void
    {
        $report = self::check([], 'kitchen appliance', 'kitchen watch');
        self::assertSame([], $report->suggestions, 'the catalogue has a heater, and nobody asked for one');
        self::assertSame([WantedFunction::Appliance, WantedFunction::Watch], array_column($report->unmet, 'function'));
        self::assertStringStartsWith('Put the machine itself on the plan', $report->unmet[0]->because);

        $there = self::check([self::device('heater', 'kitchen')], 'kitchen appliance');
        self::assertSame([[], 1], [$there->unmet, $there->countServed()]);
    }

    public function test_what_is_left_out_is_not_asked_about_again(): void
    {
        $wants = [self::want('kitchen opened'), self::want('kitchen temperature')];
        $first = self::checkAll([], $wants);
        $leftOut = $first->suggestions[0]->demands;
        $second = (new WantsCheck(RoomSpotsTest::house(), Shelf::usual(), [], self::reach(null, [])))->of($wants, $leftOut);

        self::assertSame(['contact window 1', 'contact window 2', 'thermometer wall'], self::told($first));
        self::assertSame(['contact window 2', 'thermometer wall'], self::told($second));
        self::assertSame(1, $second->standing('kitchen', WantedFunction::Opened)?->missing);
    }

    public function test_of_two_protocols_the_one_that_is_spoken_then_the_one_that_reaches_there(): void
    {
        $contacts = [
            Shelf::profile('a', ['name' => 'Thread contact', 'protocol' => 'thread', 'capabilities' => ['contact']]),
            Shelf::profile('z', ['name' => 'Zigbee contact', 'capabilities' => ['contact']]),
        ];
        $at = static fn (Reach $reach): Suggestion => (new WantsCheck(RoomSpotsTest::house(), $contacts, [], $reach))
            ->of([self::want('hall opened')])->suggestions[0];

        $spoken = $at(self::reach([Protocol::Zigbee], ['thread' => 30.0, 'zigbee' => 4.0]));
        self::assertSame('z', $spoken->profile->key, 'a radio that nobody has is worse than a relay to plan');
        self::assertSame('It speaks Zigbee, as the job does; Thread contact (Thread) would be the first of its kind.', $spoken->reason);
        self::assertSame('Forecast there: 4 dB. It needs a relay on the way.', $spoken->cautions[0]);

        $reached = $at(self::reach(null, ['thread' => 9.0, 'zigbee' => 25.0]));
        self::assertSame('z', $reached->profile->key);
        self::assertSame('Zigbee has 25 dB there by the forecast; Thread contact (Thread) would have 9 dB.', $reached->reason);

        $alike = $at(self::reach(null, ['thread' => 19.0, 'zigbee' => 25.0]));
        self::assertSame(['a', 'Zigbee contact (Zigbee) would do as well.'], [$alike->profile->key, $alike->reason]);
        self::assertSame('Thread is new to this job: it needs a hub that speaks it.', $at(self::reach([], []))->cautions[0]);
    }

    public function test_a_protocol_and_a_model_that_the_job_has_go_before_new_ones(): void
    {
        $report = (new WantsCheck(RoomSpotsTest::house(), [
            Shelf::profile('a', ['name' => 'Thread contact', 'protocol' => 'thread', 'capabilities' => ['contact']]),
            Shelf::profile('y', ['name' => 'Other contact', 'capabilities' => ['contact']]),
            Shelf::profile('z', ['name' => 'Zigbee contact', 'capabilities' => ['contact']]),
        ], [
            new PlannedDevice('k', 'kitchen', Shelf::profile('z', ['capabilities' => ['contact']]), new Vec3(0, 0, 0)),
        ], self::reach(null, [])))->of([self::want('hall opened')]);

        self::assertSame('z', $report->suggestions[0]->profile->key);
        self::assertSame(
            'One device of the job speaks Zigbee; Thread contact (Thread) would be the first of its kind.',
            $report->suggestions[0]->reason,
            'it is held against another protocol, where there is one',
        );
    }

    public function test_a_bus_is_a_cable_and_nobody_counts_on_one_that_is_not_known(): void
    {
        $sensors = [
            Shelf::profile('bus', ['protocol' => 'wired', 'power' => 'bus', 'capabilities' => ['occupancy']]),
            Shelf::profile('radio', ['capabilities' => ['occupancy']]),
        ];
        $chosen = static fn (?array $spoken): Suggestion => (new WantsCheck(RoomSpotsTest::house(), $sensors, [], self::reach(
            $spoken === null ? null : [Protocol::from($spoken[0])],
            [],
        )))->of([self::want('hall presence')])->suggestions[0];

        self::assertSame('radio', $chosen(null)->profile->key);
        self::assertSame('bus', $chosen(['wired'])->profile->key);
        self::assertStringContainsString('A bus cable has to come to it', implode($chosen(['wired'])->cautions));
    }

    public function test_a_contact_that_measures_the_air_saves_a_device_for_the_room(): void
    {
        $report = (new WantsCheck(RoomSpotsTest::house(), [
            ...Shelf::usual(),
            Shelf::profile('warm', ['name' => 'Warm contact', 'capabilities' => ['contact', 'temperature']]),
        ], [], self::reach(null, [])))->of([self::want('hall opened'), self::want('hall temperature')]);

        self::assertSame(['warm door'], self::told($report));
    }

    public function test_what_is_made_for_doors_goes_on_no_window(): void
    {
        $report = (new WantsCheck(RoomSpotsTest::house(), [
            Shelf::profile('a', ['name' => 'Door contact', 'capabilities' => ['contact'], 'spot' => 'door']),
        ], [], self::reach(null, [])))->of([self::want('hall opened'), self::want('kitchen opened')]);

        self::assertSame(['a door'], self::told($report));
        self::assertEquals([new UnmetWant('kitchen', WantedFunction::Opened, 'Nothing in the catalogue does it.')], $report->unmet);

        $plan = RoomSpotsTest::house();
        $both = House::after($plan, RoomSpotsTest::opening($plan, 'outer wall of hall, top', OpeningKind::Window, 0.4));
        $report = (new WantsCheck($both, [
            Shelf::profile('a', ['name' => 'Door contact', 'capabilities' => ['contact'], 'spot' => 'door']),
        ], [], self::reach(null, [])))->of([self::want('hall opened')]);
        self::assertSame(['a door'], self::told($report), 'the door of a room that has a window as well');
        self::assertCount(1, $report->unmet);
    }

    public function test_what_comes_in_behind_a_bridge_only_is_not_suggested(): void
    {
        $sensor = static fn (bool $isBridged): Profile => Shelf::profile('climate', [
            'capabilities' => ['temperature'], 'protocol' => 'matter', 'bridged' => $isBridged,
        ]);
        $suggested = static fn (Profile $profile): int => count(
            (new WantsCheck(RoomSpotsTest::house(), [$profile], [], self::reach(null, [])))->of([self::want('kitchen temperature')])
                ->suggestions,
        );

        self::assertSame([1, 0], [$suggested($sensor(false)), $suggested($sensor(true))]);
    }

    public function test_a_place_is_said_once_in_a_title(): void
    {
        $title = static fn (string $name, SpotKind $kind): string => (new Suggestion(
            'id',
            'kitchen',
            Shelf::profile('one', ['name' => $name]),
            RoomSpots::of(RoomSpotsTest::house(), 'kitchen')->at($kind),
            [],
            '',
            [],
            null,
        ))->title();

        self::assertSame('window contact', $title('Window contact', SpotKind::Window));
        self::assertSame('corner motion sensor', $title('Motion sensor', SpotKind::Corner));
        self::assertSame('wall climate sensor', $title('Room climate sensor', SpotKind::Wall));
        self::assertSame('doorbell', $title('Doorbell', SpotKind::Latch));
        self::assertSame('radiator valve', $title('Radiator valve', SpotKind::Radiator));
    }

    /** Accepting one by one, in any order, ends where accepting all at once ends: with nothing left to suggest. */
    public function test_what_is_accepted_is_not_suggested_again(): void
    {
        $chance = new Randomizer(new Mt19937(5));
        for ($try = 0; $try < 25; $try++) {
            $wants = [];
            foreach (WantedFunction::cases() as $function) {
                foreach (['kitchen', 'hall'] as $room) {
                    if ($chance->getInt(0, 2) === 0) {
                        $wants[] = new Want($room, $function, WantedBy::Everyone, WantedFrom::Hub);
                    }
                }
            }
            $devices = [];
            $first = self::checkAll([], $wants);
            for ($step = 0; ($left = self::checkAll($devices, $wants)->suggestions) !== []; $step++) {
                self::assertLessThanOrEqual(count($first->suggestions), count($devices) + count($left), 'never more than at first');
                $one = $left[$chance->getInt(0, count($left) - 1)];
                $devices[] = new PlannedDevice("s{$step}", $one->room, $one->profile, $one->spot->place);
            }
            self::assertCount(count($first->suggestions), $devices);
            self::assertSame([], self::checkAll($devices, $wants)->unasked);
            self::assertEquals($first->unmet, self::checkAll($devices, $wants)->unmet);
        }
    }

    /** @param list<PlannedDevice> $devices */
    private static function check(array $devices, string ...$wants): WantsReport
    {
        return self::checkAll($devices, array_values(array_map(self::want(...), $wants)));
    }

    /**
     * @param  list<PlannedDevice>  $devices
     * @param  list<Want>  $wants
     */
    private static function checkAll(array $devices, array $wants): WantsReport
    {
        return (new WantsCheck(RoomSpotsTest::house(), Shelf::usual(), $devices, self::reach(null, [])))->of($wants);
    }

    private static function want(string $said): Want
    {
        [$room, $function] = explode(' ', $said);

        return new Want($room, WantedFunction::from($function), WantedBy::Everyone, WantedFrom::Hub);
    }

    private static function device(string $profile, string $room, ?Vec3 $place = null): PlannedDevice
    {
        $one = array_values(array_filter(Shelf::usual(), static fn (Profile $one): bool => $one->key === $profile))[0];

        return new PlannedDevice("{$room}-{$profile}", $room, $one, $place ?? new Vec3(1, 1, 1));
    }

    /** @return list<string> profile and place */
    private static function told(WantsReport $report): array
    {
        return array_map(static fn (Suggestion $one): string => "{$one->profile->key} {$one->spot->called}", $report->suggestions);
    }

    /**
     * @param  list<Protocol>|null  $spoken
     * @param  array<string, float>  $db  by protocol
     */
    private static function reach(?array $spoken, array $db): Reach
    {
        return new class ($spoken, $db) implements Reach {
            /**
             * @param  list<Protocol>|null  $spoken
             * @param  array<string, float>  $db
             */
            public function __construct(private readonly ?array $spoken, private readonly array $db) {}

            public function isSpoken(Profile $profile): ?bool
            {
                return $this->spoken === null ? null : in_array($profile->protocol, $this->spoken, true);
            }

            public function isAccepted(Profile $profile, Spot $spot): ?bool
            {
                $db = $this->bestDb($profile, $spot);

                return $db === null ? null : $db >= 12;
            }

            public function bestDb(Profile $profile, Spot $spot): ?float
            {
                return $this->db[$profile->protocol->value] ?? null;
            }
        };
    }
}
