<?php

declare(strict_types=1);

namespace App\Stations\Pair;

use App\Editing\Refused;
use App\Models\JoinWindow;
use App\Models\Slot;
use App\Models\User;
use Kavvel\Core\Protocol\Protocol;

/** No window can be opened for a slot as things stand. */
final class WindowRefused extends Refused
{
    public static function noHubOpensIt(Slot $slot): self
    {
        return new self(
            'slot',
            "No hub of this job opens a window for the {$slot->title()} over its link. Pair it at its own controller, and write it "
                .'down here.',
        );
    }

    public static function comesOneByOne(Protocol $protocol): self
    {
        return new self('protocol', "Devices of {$protocol->title()} come in one by one here: open a window for each.");
    }

    public static function isGathered(JoinWindow $window, Protocol $protocol): self
    {
        $who = $window->user->name ?? 'Somebody';

        return new self(
            'slot',
            "{$who} lets in whatever is ready of {$protocol->title()}: another window would end that one. Close it at Name, Who is who, or "
                .'wait until it is over.',
        );
    }

    public static function radioIsTaken(JoinWindow $window, Slot $other, Protocol $protocol, User $person): self
    {
        $who = $window->user === null || $window->user_id === $person->id ? 'You have' : "{$window->user->name} has";
        $way = $window->user_id === $person->id ? 'Close it first.' : 'Wait until it is over, or take a device of another radio meanwhile.';

        return new self('slot', "{$who} the {$protocol->title()} radio: its window is open for the {$other->title()}. {$way}");
    }

    public static function takesNoMore(Slot $slot, string $objection): self
    {
        return new self('slot', "The {$slot->title()} can’t come in through this window. {$objection}");
    }

    public static function isNotReached(Slot $slot): self
    {
        return new self('slot', "No hub reaches the {$slot->title()} over its link. Do at it what its recipe says, and take it away here.");
    }

    public static function comesBehindBridge(Slot $slot): self
    {
        return new self(
            'slot',
            "The {$slot->title()} has no window: it comes in behind its bridge. Pair the bridge, then say which it is.",
        );
    }

    public static function leavesAtBridge(Slot $slot): self
    {
        return new self('slot', "The {$slot->title()} is taken out at its bridge, in the bridge’s own app. It leaves here by itself then.");
    }

    public static function knowsNoExclusion(Slot $slot): self
    {
        return new self('slot', "The {$slot->title()} is taken out by a reset, not by a window: do as its recipe says.");
    }
}
