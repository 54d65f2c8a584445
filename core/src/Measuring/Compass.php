<?php

declare(strict_types=1);

namespace Kavvel\Core\Measuring;

use Kavvel\Core\Siting\RoomOpening;

/** Where openings of a plan look, once one knows where its upper edge looks. */
final readonly class Compass
{
    /** @param float $up where the upper edge of the plan looks, degrees clockwise from north */
    public function __construct(private float $up) {}

    /** Degrees clockwise from north, 0 to 360. */
    public function bearing(RoomOpening $opening): float
    {
        [$x, $y] = $opening->outward();

        return fmod($this->up + rad2deg(atan2($x, -$y)) + 720.0, 360.0);
    }

    /**
     * What the upper edge looks to, where the bearing of an opening was measured.
     *
     * @param  float  $bearing  of the opening by compass
     */
    public static function upFrom(RoomOpening $opening, float $bearing): float
    {
        return fmod($bearing - (new self(0.0))->bearing($opening) + 360.0, 360.0);
    }
}
