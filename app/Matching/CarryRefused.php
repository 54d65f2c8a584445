<?php

declare(strict_types=1);

namespace App\Matching;

use App\Editing\Refused;
use App\Models\Slot;
use Kavvel\Core\Pairing\NodeFit;

/** A device can't become that of another slot. */
final class CarryRefused extends Refused
{
    public static function isTheSame(Slot $slot): self
    {
        return new self('from', "It is the {$slot->title()} already.");
    }

    public static function hasNone(Slot $slot): self
    {
        return new self('from', "The {$slot->title()} has no device any more: somebody has taken it away meanwhile.");
    }

    public static function doesNotFit(Slot $slot, NodeFit $fit): self
    {
        return new self('from', "{$fit->objection()} The {$slot->title()} keeps what it has. Match them one by one.");
    }
}
