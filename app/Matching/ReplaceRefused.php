<?php

declare(strict_types=1);

namespace App\Matching;

use App\Editing\Refused;
use App\Models\Slot;

/** A device can't be replaced as things stand. */
final class ReplaceRefused extends Refused
{
    public static function hasNone(Slot $slot): self
    {
        return new self('reason', "The {$slot->title()} has no device: pair one.");
    }

    public static function isExcludedFirst(Slot $slot): self
    {
        return new self(
            'reason',
            "The {$slot->title()} still answers, and stays in its network until it is excluded: open the exclusion window for it first. "
                .'Does it not answer any more, replace it as dead.',
        );
    }

    public static function isAnotherRadio(Slot $slot): self
    {
        return new self('profile', "That is a device of another radio: plan it as the {$slot->title()} by changing the plan here.");
    }
}
