<?php

declare(strict_types=1);

namespace App\Stations\Bridge;

use App\Editing\Refused;

/** A test from all sides can't be begun. */
final class CrossRefused extends Refused
{
    public static function canNotBeTried(): self
    {
        return new self(
            'slot',
            'No ecosystem with a link shows it now, or it may not be switched again and again. Read what they show first.',
        );
    }

    public static function isUnderWay(string $device): self
    {
        return new self('slot', "The {$device} is being tried: wait until that is through, or stop it.");
    }
}
