<?php

declare(strict_types=1);

namespace Kavvel\Core\Wants;

use Kavvel\Core\Catalogue\Profile;
use Kavvel\Core\Site\Vec3;

/** A device that the plan has already. */
final readonly class PlannedDevice
{
    public function __construct(public string $slot, public string $room, public Profile $profile, public Vec3 $place) {}
}
