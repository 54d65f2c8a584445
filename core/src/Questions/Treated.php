<?php

declare(strict_types=1);

namespace Kavvel\Core\Questions;

use Kavvel\Core\Cabling\PointPurpose;
use Kavvel\Core\Catalogue\Profile;
use Kavvel\Core\Floorplan\Thing;

/** A treatment that is planned: a device, or a point with a cable for one. Its place is in the plan, in metres. */
final readonly class Treated
{
    /** @param array{float, float} $place */
    public function __construct(public Treatment $treatment, public string $room, public array $place) {}

    /** @param array{float, float} $place */
    public static function byDevice(Profile $profile, string $room, array $place): ?self
    {
        $treatment = match (true) {
            $profile->can('cover'), $profile->can('tilt') => Treatment::Blind,
            $profile->can('contact') => Treatment::Contact,
            default => null,
        };

        return $treatment === null ? null : new self($treatment, $room, $place);
    }

    public static function byPoint(Thing $point): ?self
    {
        return mb_strtolower((string) ($point->facts['purpose'] ?? '')) === PointPurpose::Blind->value
            ? new self(Treatment::Blind, $point->home, [$point->position[0], $point->position[1]])
            : null;
    }
}
