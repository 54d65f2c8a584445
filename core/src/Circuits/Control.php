<?php

declare(strict_types=1);

namespace Kavvel\Core\Circuits;

use Kavvel\Core\Site\Vec3;

/** Something on a wall that a hand switches light with. */
final readonly class Control
{
    /** @param string $room key of the room that it is in */
    public function __construct(public string $key, public string $name, public string $room, public Vec3 $place) {}
}
