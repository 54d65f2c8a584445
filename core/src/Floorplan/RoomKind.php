<?php

declare(strict_types=1);

namespace Kavvel\Core\Floorplan;

/** What a part of the plan is for the work: what it is walled by, and whether a floor lies under it. */
enum RoomKind: string
{
    case Room = 'room';

    /** It goes up through the storeys: there is no floor above it */
    case Stair = 'stair';

    /** A shaft for pipes and cables */
    case Shaft = 'shaft';

    /** Out of doors: no walls, no floor; others may stand in it */
    case Yard = 'yard';

    /** Stands apart from the house */
    case Outbuilding = 'outbuilding';

    public function words(): string
    {
        return match ($this) {
            self::Room => 'Room',
            self::Stair => 'Stair',
            self::Shaft => 'Shaft',
            self::Yard => 'Yard or garden',
            self::Outbuilding => 'Outbuilding',
        };
    }

    public function hasWalls(): bool
    {
        return $this !== self::Yard;
    }

    public function hasFloor(): bool
    {
        return $this === self::Room || $this === self::Outbuilding;
    }
}
