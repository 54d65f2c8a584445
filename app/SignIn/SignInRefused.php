<?php

declare(strict_types=1);

namespace App\SignIn;

use RuntimeException;

final class SignInRefused extends RuntimeException
{
    private function __construct(string $message, public readonly int $status)
    {
        parent::__construct($message);
    }

    public static function doNotMatch(): self
    {
        return new self('E-mail and password do not match. Check both and try again.', 422);
    }

    public static function tooManyTries(int $seconds): self
    {
        return new self("Too many tries. Wait {$seconds} seconds, then try again.", 429);
    }
}
