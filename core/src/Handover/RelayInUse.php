<?php

declare(strict_types=1);

namespace Kavvel\Core\Handover;

/** A device that is in and passes messages on. Removable: it can be unplugged or switched off at a wall switch. */
final readonly class RelayInUse
{
    public function __construct(public string $id, public bool $isRemovable) {}
}
