<?php

declare(strict_types=1);

namespace App\Gateway;

use RuntimeException;

/** The gateway answered, and said no. */
final class GatewayRefused extends RuntimeException
{
    public static function saying(string $message): self
    {
        return new self($message);
    }
}
