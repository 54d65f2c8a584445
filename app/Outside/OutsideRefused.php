<?php

declare(strict_types=1);

namespace App\Outside;

/** It answered, and said no. */
final class OutsideRefused extends OutsideFailure
{
    /** The word of its link for why, where it gave one */
    public ?string $reason = null;

    public static function saying(string $message, ?string $reason = null): self
    {
        $self = new self($message);
        $self->reason = $reason;

        return $self;
    }
}
