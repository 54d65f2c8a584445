<?php

declare(strict_types=1);

namespace App\Idempotency;

use RuntimeException;

final class KeyReused extends RuntimeException
{
    public static function withAnotherBody(): self
    {
        return new self('This form was already sent with other values. Open the page again and repeat the change.');
    }
}
