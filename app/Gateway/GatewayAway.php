<?php

declare(strict_types=1);

namespace App\Gateway;

/** The gateway does not answer; what was asked of it has not happened. */
final class GatewayAway extends HubFailure
{
    public static function at(string $url): self
    {
        return new self("The hub at {$url} does not answer.");
    }
}
