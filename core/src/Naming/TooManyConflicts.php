<?php

declare(strict_types=1);

namespace Kavvel\Core\Naming;

use Kavvel\Core\Input\InvalidInput;

/** So many names are alike that no list of them helps. */
final class TooManyConflicts extends InvalidInput
{
    public static function than(int $most): self
    {
        return new self(
            'too-large',
            "More than {$most} pairs of names could be mixed up. Give the devices places that tell them apart.",
            '$.devices',
        );
    }
}
