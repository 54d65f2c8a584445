<?php

declare(strict_types=1);

namespace App\Stations\Pair;

use App\Editing\Refused;
use App\Models\Slot;
use Kavvel\Core\Input\InvalidInput;

/** A bus project, or what was said of it, can't be taken. */
final class BusRefused extends Refused
{
    public static function isBroken(InvalidInput $broken): self
    {
        return new self('table', "Nothing was taken in. {$broken->getMessage()}");
    }

    public static function isGone(string $point): self
    {
        return new self('point', "“{$point}” is not in the project any more. Open the page again.");
    }

    public static function noHubHears(): self
    {
        return new self('bus', 'No hub of this job hears the bus over its link. Operate what you test, and write it down here.');
    }

    public static function nobodyListens(): self
    {
        return new self('bus', 'Nobody listens to the bus any more, so that nothing would be seen of it. Listen to it first.');
    }

    public static function isNotSwitched(string $point): self
    {
        return new self('bus', "“{$point}” has no address where it is switched.");
    }

    public static function isNoDevice(Slot $slot): self
    {
        return new self('bus', "The {$slot->title()} is no device of the bus.");
    }

    public static function isNotHeard(Slot $slot, string $point): self
    {
        return new self('bus', "Nothing was heard of the {$slot->title()} at the addresses of “{$point}” since the bus is listened to. "
            .'Operate it once more.');
    }

    public static function isTaken(Slot $slot, string $point): self
    {
        return new self('slot', "The {$slot->title()} is “{$point}” already.");
    }
}
