<?php

declare(strict_types=1);

namespace Kavvel\Core\Site;

/** Where in a room a device goes, and how high over the floor it usually hangs or stands there (assumptions, in metres). */
enum SpotKind: string
{
    case Ceiling = 'ceiling';

    /** On a wall at breathing height, out of sun and draught (RULES 9.6) */
    case Wall = 'wall';

    /** High in a corner, from where the room is seen */
    case Corner = 'corner';
    case Window = 'window';

    /** At the head of a door that leads out */
    case Door = 'door';

    /** At the lock of such a door */
    case Latch = 'latch';

    /** On the wall beside the way in, where the hand goes */
    case Entrance = 'entrance';
    case Radiator = 'radiator';
    case Socket = 'socket';
    case Floor = 'floor';

    /** In or at a machine that has its own place */
    case Appliance = 'appliance';

    /** What the place is called in the title of a slot. */
    public function place(): string
    {
        return match ($this) {
            self::Latch, self::Entrance => 'door',
            self::Appliance => '',
            default => $this->value,
        };
    }

    /** Null: it follows from the room or from the opening. */
    public function usualHeightM(): ?float
    {
        return match ($this) {
            self::Wall => 1.5,
            self::Corner => 2.2,
            self::Latch => 1.05,
            self::Entrance => 1.1,
            self::Radiator, self::Socket => 0.3,
            self::Floor => 0.02,
            self::Appliance => 1.0,
            self::Ceiling, self::Window, self::Door => null,
        };
    }

    /** What to look at before anything is fixed there (RULES 9.6; the rest assumption). */
    public function advice(): string
    {
        return match ($this) {
            self::Ceiling => 'In the middle; an alarm half a metre from walls and lamps, and not over a stove or a shower.',
            self::Wall => 'An inside wall, out of sun, draught and the heat of machines; not behind a curtain.',
            self::Corner => 'High, across the way that people walk; no window and no radiator in its view.',
            self::Window, self::Door => 'Magnet and contact face each other on the side that opens, as near as the sheet asks: in steel '
                .'frames nearer.',
            self::Latch => 'Measure first: thickness of the door, backset, and how far it would stand out. A key inside stays usable.',
            self::Entrance => 'On the side where the door opens, where the hand goes by itself.',
            self::Radiator => 'In free air: behind a curtain or a board it measures its own heat; a remote sensor else.',
            self::Socket => 'Where nobody pulls it, and nothing hot or wet is near.',
            self::Floor => 'At the lowest place, where water would gather first.',
            self::Appliance => 'In or at the machine, as its sheet says.',
        };
    }

    /** What is measured there is not the air of the room. */
    public function isBesideHeat(): bool
    {
        return $this === self::Radiator || $this === self::Appliance;
    }
}
