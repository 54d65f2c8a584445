<?php

declare(strict_types=1);

namespace Kavvel\Core\Protocol;

use DomainException;

/** What was given as a release is none. */
final class ReleaseUnreadable extends DomainException
{
    public static function because(string $text): self
    {
        return new self('“'.mb_strimwidth(mb_scrub($text), 0, 40, '…').'” is no release: numbers with dots, such as 1.3.');
    }
}
