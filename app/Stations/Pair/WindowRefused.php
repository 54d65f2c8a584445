<?php

declare(strict_types=1);

namespace App\Stations\Pair;

use App\Editing\Refused;
use App\Models\Slot;

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

    public static function anotherIsOpen(Slot $other): self
    {
        return new self('slot', "A window is open already, for the {$other->title()}. Close it first.");
    }
}
