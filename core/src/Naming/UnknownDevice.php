<?php

declare(strict_types=1);

namespace Kavvel\Core\Naming;

use OutOfBoundsException;

/** A name was asked for of a device that is not among those of the job. */
final class UnknownDevice extends OutOfBoundsException
{
    public static function called(string $id): self
    {
        return new self("There is no device “{$id}” among those to be named.");
    }
}
