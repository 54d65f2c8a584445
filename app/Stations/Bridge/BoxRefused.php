<?php

declare(strict_types=1);

namespace App\Stations\Bridge;

use App\Editing\Refused;
use App\Models\BridgeBox;

/** What was asked of a box can't be written down. */
final class BoxRefused extends Refused
{
    public static function isDescribed(BridgeBox $other): self
    {
        return new self('gateway', "That hub is described by “{$other->name}” already. Change that one.");
    }
}
