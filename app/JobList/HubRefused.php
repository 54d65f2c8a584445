<?php

declare(strict_types=1);

namespace App\JobList;

use App\Editing\Refused;

/** A hub can't be linked. */
final class HubRefused extends Refused
{
    public static function isFollowedElsewhere(): self
    {
        return new self('url', 'Another job follows the hub at this address. Take its link off there first.');
    }

    public static function doesNotAnswer(string $why): self
    {
        return new self('url', "{$why} Nothing was linked. Look that the hub has power, and that address and token are its own.");
    }
}
