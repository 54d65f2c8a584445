<?php

declare(strict_types=1);

namespace App\Stations\Name;

use App\Editing\Refused;
use App\Models\Slot;

/** A device can't go to another place as things stand. */
final class PlaceRefused extends Refused
{
    public static function isWired(Slot $slot): self
    {
        return new self(
            'slot',
            "The {$slot->title()} is wired at its point in the wall. If it is drawn at the wrong place, move the point at Survey, Rooms.",
        );
    }
}
