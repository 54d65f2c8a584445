<?php

declare(strict_types=1);

namespace Kavvel\Core\Mesh;

use Kavvel\Core\Protocol\Protocol;
use LogicException;

/** A network was asked for of devices whose radio no hub can read. */
final class NoMesh extends LogicException
{
    public static function over(Protocol $protocol): self
    {
        return new self("No hub reads the links of {$protocol->title()}.");
    }
}
