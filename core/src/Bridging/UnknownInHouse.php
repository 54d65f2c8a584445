<?php

declare(strict_types=1);

namespace Kavvel\Core\Bridging;

use OutOfBoundsException;

/** A want names a device or an ecosystem that the house does not have. */
final class UnknownInHouse extends OutOfBoundsException
{
    public static function device(string $id): self
    {
        return new self("There is no device “{$id}” in this house.");
    }

    public static function ecosystem(string $id): self
    {
        return new self("There is no ecosystem “{$id}” in this house.");
    }
}
