<?php

declare(strict_types=1);

namespace App\Gateway;

/** The gateway answered, and said no. */
final class GatewayRefused extends HubFailure
{
    /** The word of the gateway link for why, where it gave one */
    public ?string $reason = null;

    public static function saying(string $message, ?string $reason = null): self
    {
        $self = new self($message);
        $self->reason = $reason;

        return $self;
    }
}
