<?php

declare(strict_types=1);

namespace Kavvel\Core\JobFile;

use Kavvel\Core\Site\Vec3;

/** A point of a job file: where something can be mounted or plugged in. */
final readonly class PointEntry
{
    public function __construct(public string $room, public string $purpose, public Vec3 $position, public bool $mains) {}
}
