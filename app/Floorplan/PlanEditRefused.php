<?php

declare(strict_types=1);

namespace App\Floorplan;

use App\Editing\Refused;
use App\Models\PlanEdit;
use Kavvel\Core\Floorplan\PlanRefused;
use Kavvel\Core\Input\InvalidInput;

/** The plan can't be changed as it was asked for. */
final class PlanEditRefused extends Refused
{
    public static function because(PlanRefused $refused): self
    {
        return new self($refused->field, $refused->getMessage());
    }

    public static function bad(string $field, InvalidInput $refused): self
    {
        return new self($field, $refused->getMessage());
    }

    public static function changedSince(string $what): self
    {
        return new self('plan', "Somebody changed the {$what} after you looked. It is shown as it is now: change it again if need be.");
    }

    public static function otherIsNext(PlanEdit $next): self
    {
        return new self('plan', "{$next->by} {$next->words} in the meantime. Look at the plan, then take back what you want.");
    }

    public static function nothingToTakeBack(): self
    {
        return new self('plan', 'There is nothing to take back any more.');
    }

    public static function cantBeTakenBack(PlanEdit $edit): self
    {
        return new self('plan', "“{$edit->words}” can’t be taken back: what it changed was changed elsewhere since. Change it by hand.");
    }

    public static function boxIsOpen(string $slot): self
    {
        return new self('plan', "The box of “{$slot}” is open: shut it at Fit first.");
    }

    public static function hasDevice(string $slot): self
    {
        return new self(
            'plan',
            "The {$slot} has a device by now. Take the device away first, so that nothing is left on the network unnoticed.",
        );
    }
}
