<?php

declare(strict_types=1);

namespace Kavvel\Core\Wants;

use Kavvel\Core\Siting\RoomOpening;
use Kavvel\Core\Siting\RoomSpots;

/** What a function of a room is there once for each of. */
enum Anchor
{
    case Room;
    case Window;
    case WindowOrOuterDoor;
    case OuterDoor;

    /** @return list<RoomOpening>|null null: the room itself */
    public function openings(RoomSpots $spots): ?array
    {
        return match ($this) {
            self::Room => null,
            self::Window => $spots->windows(),
            self::WindowOrOuterDoor => [...$spots->windows(), ...$spots->outerDoors()],
            self::OuterDoor => $spots->outerDoors(),
        };
    }

    /** What the room lacks where it has none. */
    public function missing(): string
    {
        return match ($this) {
            self::Room => 'place',
            self::Window => 'window',
            self::WindowOrOuterDoor => 'window and no door to the outside',
            self::OuterDoor => 'door to the outside',
        };
    }
}
