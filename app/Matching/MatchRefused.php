<?php

declare(strict_types=1);

namespace App\Matching;

use App\Editing\Refused;
use App\Models\Node;
use App\Models\Slot;
use Illuminate\Support\Carbon;
use Kavvel\Core\Pairing\NodeFit;

/** A node can't become the device of a slot. */
final class MatchRefused extends Refused
{
    /** @param string $ecosystems by name */
    public static function showsIn(Slot $slot, string $ecosystems): self
    {
        return new self('node', "The {$slot->title()} shows in {$ecosystems}: what uses it there breaks with it. "
            .'Look on its sheet, under “Change the plan here”, what goes with it and how it is taken out there; then take it away.');
    }

    public static function slotIsTaken(Slot $slot): self
    {
        return new self('address', "The {$slot->title()} has a device already. Take that one away first.");
    }

    /** Somebody else gave the same answer a moment before. */
    public static function isItAlready(Slot $slot, Carbon $since): self
    {
        return new self('address', "It is the {$slot->title()} already, since {$since->onSite()->format('H:i')}. Go on with the next.");
    }

    public static function nodeIsTaken(Node $node, Slot $other): self
    {
        return new self('address', "{$node->address} is the {$other->title()} already.");
    }

    public static function cameBehindBridge(Slot $slot, Node $node): self
    {
        return new self(
            'address',
            "{$node->address} came in behind a bridge, and the plan has the {$slot->title()} at the hub itself. Change the plan there, or "
                .'match it to a slot behind that bridge.',
        );
    }

    public static function isNotBehind(Slot $bridge, Node $node): self
    {
        return new self('address', "{$node->address} is not behind the {$bridge->title()}. Match it to a slot where it is.");
    }

    public static function impossible(NodeFit $fit): self
    {
        return new self('address', "{$fit->objection()} Match it to another slot.");
    }
}
