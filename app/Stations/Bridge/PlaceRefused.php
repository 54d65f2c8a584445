<?php

declare(strict_types=1);

namespace App\Stations\Bridge;

use App\Editing\Refused;

/** An ecosystem or a box can't be linked. */
final class PlaceRefused extends Refused
{
    public static function isLinked(string $name, int $devices): self
    {
        $many = $devices === 1 ? 'One device goes' : "{$devices} devices go";

        return new self('seen', "{$many} by {$name} now: what uses them there breaks. Look at it again, then take it off all the same.");
    }

    public static function doesNotAnswer(string $why): self
    {
        return new self('url', "{$why} Nothing was changed: look at the address and the token.");
    }
}
