<?php

declare(strict_types=1);

namespace Kavvel\Core\Naming;

/** What a name is made of. */
final readonly class Device
{
    public function __construct(public string $id, public string $room, public string $place, public string $what, public string $protocol) {}
}
