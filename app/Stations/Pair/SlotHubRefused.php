<?php

declare(strict_types=1);

namespace App\Stations\Pair;

use App\Editing\Refused;
use App\JobSheet\Hub;
use App\Models\Slot;
use Kavvel\Core\Protocol\Protocol;

/** A device can't be sent to that hub as things stand. */
final class SlotHubRefused extends Refused
{
    public static function isIn(Slot $slot, ?Hub $hub): self
    {
        $where = $hub === null ? 'in its network' : "in the network of {$hub->gateway->name}";

        return new self('hub', "The {$slot->title()} is {$where}. Take it out of the network there, then send it to the other.");
    }

    public static function goesWithBridge(Slot $slot): self
    {
        return new self('hub', "The {$slot->title()} comes in behind a bridge, and goes where that goes. Send the bridge.");
    }

    public static function windowIsOpen(Slot $slot): self
    {
        return new self('hub', "A window is open for the {$slot->title()}. Close it, then send it to the other hub.");
    }

    public static function speaksOther(Hub $hub, Protocol $protocol): self
    {
        return new self(
            'hub',
            "{$hub->gateway->name} does not speak {$protocol->title()}. Where it does, say so under “Radio” of the survey first.",
        );
    }
}
