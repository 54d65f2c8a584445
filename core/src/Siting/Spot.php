<?php

declare(strict_types=1);

namespace Kavvel\Core\Siting;

use Kavvel\Core\Site\SpotKind;
use Kavvel\Core\Site\Vec3;

/** A place in a room for a device. */
final readonly class Spot
{
    /**
     * @param  string  $called  what tells it from others of its kind in the room: "window 2"
     * @param  string|null  $point  key of the point that it is at
     */
    public function __construct(public SpotKind $kind, public string $called, public Vec3 $place, public ?string $point = null) {}
}
