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

    public static function isTaken(Slot $slot, string $point): self
    {
        return new self('slot', "The {$slot->title()} is “{$point}” already.");
    }
}
