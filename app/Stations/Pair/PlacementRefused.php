<?php

declare(strict_types=1);

namespace App\Stations\Pair;

use App\Editing\Refused;
use App\Models\Slot;

final class PlacementRefused extends Refused
{
    public static function isNotIn(Slot $slot): self
    {
        return new self('slot', "The {$slot->title()} is not in yet. Pair it first, then put it into its place.");
    }
}
