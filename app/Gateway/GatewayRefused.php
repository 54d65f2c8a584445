<?php

declare(strict_types=1);

namespace App\Gateway;

/** The gateway answered, and said no. */
final class GatewayRefused extends HubFailure
{
    public static function saying(string $message): self
    {
        return new self($message);
    }
}
