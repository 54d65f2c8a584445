<?php

declare(strict_types=1);

namespace Kavvel\Core\Bridging;

use DomainException;

/** An act was said to be done that is not the next one. */
final class ActOutOfTurn extends DomainException
{
    public static function isNot(?Act $next): self
    {
        return new self($next === null
            ? 'This link is made already: somebody did the last of it meanwhile.'
            : "Somebody went on meanwhile. Next is: {$next->say}.");
    }
}
