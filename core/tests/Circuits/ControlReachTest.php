<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Circuits;

use Kavvel\Core\Circuits\Circuit;
use Kavvel\Core\Circuits\CircuitKind;
use Kavvel\Core\Circuits\CircuitReach;
use Kavvel\Core\Circuits\Control;
use Kavvel\Core\Circuits\ControlReach;
use Kavvel\Core\Circuits\Dimmable;
use Kavvel\Core\Circuits\EntranceReach;
use Kavvel\Core\Circuits\Grip;
use Kavvel\Core\Circuits\KeyEffect;
use Kavvel\Core\Circuits\Lamps;
use Kavvel\Core\Circuits\Press;
use Kavvel\Core\Circuits\Way;
use Kavvel\Core\Site\SpotKind;
use Kavvel\Core\Site\Vec3;
use Kavvel\Core\Siting\RoomSpots;
use Kavvel\Core\Tests\Siting\RoomSpotsTest;
use PHPUnit\Framework\TestCase;

/** The house of the siting tests: a kitchen and a hall with a door between them, and the front door in the hall. */
final class ControlReachTest extends TestCase
{
    public function test_a_hall_with_two_doors_is_dark_at_the_one_without_a_switch(): void
    {
        $reach = self::reach(['hall'], [self::beside('hall', 'front')], [self::grip('front')]);

        self::assertSame(['door kitchen dark', 'steel door out wire'], self::told($reach));
        self::assertCount(1, $reach->dark());
        self::assertSame('kitchen', $reach->dark()[0]->beyond);
        self::assertTrue($reach->worksWithoutHub());
    }

    public function test_a_circuit_that_is_switched_as_one_has_no_entrance_between_its_rooms(): void
    {
        $front = self::beside('hall', 'front');

        self::assertSame(['steel door out wire'], self::told(self::reach(['hall', 'kitchen'], [$front], [self::grip('front')])));
        self::assertCount(3, self::reach(['hall', 'kitchen'], [], [])->entrances, 'nothing says that it is one');
        self::assertFalse(self::reach(['hall', 'kitchen'], [], [])->worksWithoutHub(), 'what nothing switches works without nothing');
    }

    public function test_a_circuit_whose_rooms_have_their_own_switches_is_looked_at_room_by_room(): void
    {
        $controls = [self::beside('hall', 'front'), self::beside('kitchen', 'kitchen')];
        $reach = self::reach(['hall', 'kitchen'], $controls, [
            self::grip('front', room: 'hall'), self::grip('kitchen', room: 'kitchen'),
        ]);

        self::assertSame(['door kitchen dark', 'steel door out wire', 'door hall wire'], self::told($reach));
    }

    public function test_a_switch_on_the_other_side_of_the_door_is_in_reach_and_one_in_another_room_is_not(): void
    {
        $inKitchen = self::beside('kitchen', 'outside');

        $told = static fn (Control $control): array => self::told(self::reach(['hall'], [$control], [self::grip('outside')]));

        self::assertSame(['door kitchen wire', 'steel door out dark'], $told($inKitchen));
        $elsewhere = new Control('outside', 'Switch', 'attic', $inKitchen->place);
        self::assertSame(['door kitchen dark', 'steel door out dark'], $told($elsewhere));
    }

    public function test_reach_ends_where_a_hand_ends(): void
    {
        $door = RoomSpots::of(RoomSpotsTest::house(), 'hall')->outerDoors()[0];
        $tries = [[1.19, 1.1, 'wire'], [1.21, 1.1, 'dark'], [0.2, 2.0, 'wire'], [0.2, 2.1, 'dark'], [0.2, 0.2, 'dark']];
        foreach ($tries as [$away, $z, $told]) {
            [$x, $y] = $door->before();
            $control = new Control('one', 'Switch', 'hall', new Vec3($x - $away, $y, $z));
            $reach = self::reach(['hall'], [$control], [self::grip('one')]);
            self::assertSame("steel door out {$told}", self::told($reach)[1], "{$away} {$z}");
        }
    }

    public function test_the_surest_way_is_told_first(): void
    {
        $controls = [self::beside('hall', 'button'), self::beside('hall', 'switch')];
        $reach = self::reach(['hall'], $controls, [
            self::grip('button', Way::Hub), self::grip('switch', Way::Hub), self::grip('switch', Way::Wire),
        ]);

        self::assertSame(Way::Wire, $reach->entrances[1]->best());
        self::assertSame(['switch', 'button'], array_map(static fn (array $one): string => $one[0]->key, $reach->entrances[1]->within));
        self::assertSame([Way::Hub, Way::Wire], $reach->ways);
        self::assertFalse(self::reach(['hall'], $controls, [self::grip('button', Way::Hub)])->worksWithoutHub());
        self::assertTrue(self::reach(['hall'], $controls, [self::grip('button', Way::Direct)])->worksWithoutHub());
    }

    public function test_who_can_only_switch_off_comes_in_in_the_dark(): void
    {
        $front = [self::beside('hall', 'front')];
        $key = static fn (KeyEffect $effect, Way $way = Way::Wire): Grip => new Grip('front', 1, Press::Once, 'lights', $effect, $way);

        foreach ([[KeyEffect::Off], [KeyEffect::On], [KeyEffect::Dim], [KeyEffect::Dim, KeyEffect::Off]] as $effects) {
            self::assertCount(2, self::reach(['hall'], $front, array_map($key, $effects))->dark());
        }
        self::assertCount(1, self::reach(['hall'], $front, [$key(KeyEffect::On), $key(KeyEffect::Off)])->dark());
        $both = self::reach(['hall'], $front, [$key(KeyEffect::On), $key(KeyEffect::Off, Way::Hub)]);
        self::assertSame(Way::Hub, $both->entrances[1]->best(), 'as sure as the less sure of the two');
    }

    public function test_a_key_for_another_circuit_switches_nothing_here(): void
    {
        $other = new Grip('front', 1, Press::Once, 'other', KeyEffect::Toggle, Way::Wire);

        self::assertCount(2, self::reach(['hall'], [self::beside('hall', 'front')], [$other])->dark());
    }

    public function test_a_circuit_lights_the_rooms_of_its_lamps(): void
    {
        $lamps = [new Lamps('kitchen', 3, 5.0, Dimmable::Yes), new Lamps('kitchen', 1, 9.0, Dimmable::No)];
        $circuit = new Circuit('c', 'Ground', CircuitKind::Light, rooms: ['kitchen', 'hall', 'gone'], lamps: $lamps);

        self::assertSame([['kitchen'], 24.0, 4], [$circuit->litRooms(), $circuit->lampWatts(), $circuit->lampCount()]);
        $entrances = (new ControlReach(RoomSpotsTest::house(), [], []))->of($circuit)->entrances;
        self::assertSame(['hall'], array_map(static fn (EntranceReach $one): ?string => $one->beyond, $entrances));
        $gone = new Circuit('c', 'x', CircuitKind::Light, rooms: ['gone']);
        self::assertSame([], (new ControlReach(RoomSpotsTest::house(), [], []))->of($gone)->entrances, 'a room that is off the plan');
    }

    public function test_only_a_wire_needs_no_network(): void
    {
        self::assertSame(
            [[true, true], [true, false], [false, false]],
            array_map(static fn (Way $way): array => [$way->worksWithoutHub(), $way->worksWithoutNetwork()], Way::cases()),
        );
    }

    /**
     * @param  list<string>  $rooms
     * @param  list<Control>  $controls
     * @param  list<Grip>  $grips
     */
    private static function reach(array $rooms, array $controls, array $grips): CircuitReach
    {
        return (new ControlReach(RoomSpotsTest::house(), $controls, $grips))
            ->of(new Circuit('lights', 'Lights', CircuitKind::Light, rooms: $rooms));
    }

    private static function beside(string $room, string $key): Control
    {
        return new Control($key, 'Switch', $room, RoomSpots::of(RoomSpotsTest::house(), $room)->at(SpotKind::Entrance)->place);
    }

    private static function grip(string $control, Way $way = Way::Wire, ?string $room = null): Grip
    {
        return new Grip($control, 1, Press::Once, 'lights', KeyEffect::Toggle, $way, $room);
    }

    /** @return list<string> kind, where it leads, and how the light is switched there */
    private static function told(CircuitReach $reach): array
    {
        return array_map(
            static fn (EntranceReach $one): string => "{$one->kind} ".($one->beyond ?? 'out').' '.($one->best()->value ?? 'dark'),
            $reach->entrances,
        );
    }
}
