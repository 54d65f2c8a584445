<?php

declare(strict_types=1);

namespace App\Stations\Bridge;

use App\Editing\Refused;

/** An ecosystem or a box can't be linked. */
final class PlaceRefused extends Refused
{
    public static function doesNotAnswer(string $why): self
    {
        return new self('url', "{$why} Nothing was changed: look at the address and the token.");
    }
}
