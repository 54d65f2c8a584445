<?php

declare(strict_types=1);

namespace App\Stations\Pair;

use App\Editing\Refused;
use App\Models\Slot;
use Kavvel\Core\Pairing\LearnSheet;

/** What was done with a key of a remote can't be written down. */
final class TeachingRefused extends Refused
{
    public static function isNotTaught(Slot $slot): self
    {
        return new self('key', "The {$slot->title()} has no remote whose keys are taught.");
    }

    public static function isGone(string $name, Slot $slot): self
    {
        return new self('key', "“{$name}” is not among the keys of the {$slot->title()} any more. Open the page again.");
    }

    public static function noHubSends(Slot $slot): self
    {
        return new self(
            'key',
            "No hub of this job sends for the {$slot->title()} over its link. Send it at its own sender, and write it down here.",
        );
    }

    /** It was written down as learnt, and no hub has what the remote sends. */
    public static function isLearntElsewhere(string $name, Slot $slot): self
    {
        return new self('key', "“{$name}” of the {$slot->title()} was learnt at another sender: send it there, or let the hub learn it.");
    }

    public static function isThere(string $name, Slot $slot): self
    {
        return new self('key', "“{$name}” is among the keys of the {$slot->title()} already.");
    }

    public static function areTooMany(Slot $slot): self
    {
        $most = LearnSheet::MOST_KEYS;

        return new self('key', "The {$slot->title()} has {$most} keys: leave one out that nobody uses, then add this one.");
    }
}
