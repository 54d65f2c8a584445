<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Fit;

use Kavvel\Core\Catalogue\Load;
use Kavvel\Core\Catalogue\LoadKind;
use Kavvel\Core\Circuits\Circuit;
use Kavvel\Core\Circuits\CircuitKind;
use Kavvel\Core\Circuits\Dimmable;
use Kavvel\Core\Circuits\Lamps;
use Kavvel\Core\Fit\SwitchedLoad;
use Kavvel\Core\Input\Input;
use PHPUnit\Framework\TestCase;

final class SwitchedLoadTest extends TestCase
{
    public function test_a_device_switches_the_lamps_of_its_circuit_in_its_room_or_all_of_them(): void
    {
        $circuit = new Circuit('c', 'Lights', CircuitKind::Light, lamps: [
            new Lamps('hall', 2, 6, Dimmable::Yes), new Lamps('stair', 1, 9, Dimmable::No),
        ]);

        $own = new SwitchedLoad(LoadKind::Led, 6, 2, Dimmable::Yes, false);
        self::assertEquals([$own], SwitchedLoad::ofCircuit($circuit, 'hall', Load::Light));
        self::assertSame([12.0, 9.0], array_map(static fn (SwitchedLoad $one): float => $one->allWatts(), SwitchedLoad::ofCircuit(
            $circuit,
            'landing',
            Load::Light,
        )));
        self::assertSame([], SwitchedLoad::ofCircuit($circuit, 'hall', Load::Socket));
        self::assertSame([], SwitchedLoad::ofCircuit(null, 'hall', Load::Light));
    }

    public function test_what_was_tried_is_known_and_what_was_known_stays(): void
    {
        $of = static fn (Dimmable $dimmable): SwitchedLoad => new SwitchedLoad(LoadKind::Led, 6, 2, $dimmable, false);

        self::assertEquals($of(Dimmable::Yes), $of(Dimmable::Unknown)->tried(true));
        self::assertEquals($of(Dimmable::No), $of(Dimmable::Unknown)->tried(false));
        self::assertEquals($of(Dimmable::No), $of(Dimmable::No)->tried(true));
    }

    public function test_it_is_told_kept_and_read_again(): void
    {
        $load = new SwitchedLoad(LoadKind::Led, 6.46, 2, Dimmable::Unknown, true);

        self::assertSame('2 × 6.5 W, connected LED lamps', $load->words());
        self::assertSame('1 × 40 W, motors', (new SwitchedLoad(LoadKind::Motor, 40, 1, Dimmable::No, false))->words());
        self::assertEquals($load, SwitchedLoad::fromInput(Input::of($load->row())));
        self::assertEquals(
            new SwitchedLoad(LoadKind::Led, 0, 1, Dimmable::Unknown, false),
            SwitchedLoad::fromInput(Input::of(['kind' => 'led', 'watts' => 0])),
        );
    }
}
