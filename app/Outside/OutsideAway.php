<?php

declare(strict_types=1);

namespace App\Outside;

/** It does not answer; what was asked of it has not happened. */
final class OutsideAway extends OutsideFailure
{
    /** @param string $who as people call it: “The hub” */
    public static function at(string $who, string $url): self
    {
        return new self("{$who} at {$url} does not answer.");
    }
}
