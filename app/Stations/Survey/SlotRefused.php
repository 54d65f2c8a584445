<?php

declare(strict_types=1);

namespace App\Stations\Survey;

use App\Editing\Refused;
use App\Models\Slot;
use Kavvel\Core\Protocol\Protocol;

/** The plan can't be changed as it was asked for. */
final class SlotRefused extends Refused
{
    public static function hasDevice(Slot $slot): self
    {
        return new self(
            'slot',
            "The {$slot->title()} has a device. Take the device away first, so that nothing is left on the network unnoticed.",
        );
    }

    public static function boxIsOpen(Slot $slot): self
    {
        return new self('slot', "The box of the {$slot->title()} is open: shut it at Fit first.");
    }

    public static function roomIsGone(Slot $slot): self
    {
        return new self(
            'slot',
            "The room of the {$slot->title()} is no longer on the plan. Put the room back first, or plan the device anew.",
        );
    }

    public static function nobodyAsksForIt(): self
    {
        return new self(
            'suggestion',
            'It is not asked for any more: somebody has planned it, or the wants have changed. What is still open is listed here.',
        );
    }

    public static function othersAreAskedFor(): self
    {
        return new self('list', 'The list has changed since you saw it, and nothing was planned. It is shown as it is now: look again.');
    }

    public static function noRelayInCatalogue(Protocol $protocol): self
    {
        return new self('point', "The catalogue has no {$protocol->title()} device that is made to relay and stays plugged in.");
    }
}
