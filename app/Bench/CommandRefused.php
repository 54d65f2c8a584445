<?php

declare(strict_types=1);

namespace App\Bench;

use App\Editing\Refused;
use App\Models\Slot;

/** A device can't be told anything. */
final class CommandRefused extends Refused
{
    public static function notOverTheLink(Slot $slot): self
    {
        return new self(
            'slot',
            "The hub can’t switch the {$slot->title()} over the link. Switch it from its own controller, and write down what you see.",
        );
    }
}
