<?php

declare(strict_types=1);

namespace App\Outside;

use Kavvel\Core\Input\InvalidInput;

/** It answered, and the answer is not what its link agrees on. */
final class OutsideBroken extends OutsideFailure
{
    public static function sends(string $who, InvalidInput $wrong): self
    {
        return new self("{$who}’s answer is not as agreed. {$wrong->getMessage()}");
    }

    public static function tooLong(string $who, int $bytes): self
    {
        return new self("{$who}’s answer is not as agreed. It has more than ".intdiv($bytes, 1_000_000).' MB.');
    }

    public static function withStatus(string $who, int $status): self
    {
        return new self("{$who}’s answer is not as agreed. It sends elsewhere, with {$status}.");
    }

    public static function unforeseen(): self
    {
        return new self('The hub’s answer could not be taken in. A lead finds more in the log of the application.');
    }
}
