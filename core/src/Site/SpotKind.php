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

    /** What is measured there is not the air of the room. */
    public function isBesideHeat(): bool
    {
        return $this === self::Radiator || $this === self::Appliance;
    }
}
