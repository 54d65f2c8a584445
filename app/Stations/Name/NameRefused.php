<?php

declare(strict_types=1);

namespace App\Stations\Name;

use App\Editing\Refused;

/** A name that can't be given. */
final class NameRefused extends Refused
{
    /** @param list<string> $reasons */
    public static function because(array $reasons): self
    {
        return new self('name', implode(' ', $reasons));
    }
}
