<?php

declare(strict_types=1);

namespace Kavvel\Core\Mesh;

use Kavvel\Core\Protocol\Protocol;
use LogicException;

/** A network was asked for of devices that pass nothing on for each other. */
final class NoMesh extends LogicException
{
    public static function over(Protocol $protocol): self
    {
        return new self("Devices do not relay for each other over {$protocol->title()}.");
    }
}
