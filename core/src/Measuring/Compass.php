<?php

declare(strict_types=1);

namespace Kavvel\Core\Measuring;

use Kavvel\Core\Siting\RoomOpening;

/** Where openings of a plan look, once one knows where its upper edge looks. */
final readonly class Compass
{
    /** A reading that lies farther off than this is to be taken again (assumption), in degrees */
    public const OFF_DEGREES = 15.0;

    /** @param float $up where the upper edge of the plan looks, degrees clockwise from north */
    public function __construct(public float $up) {}

    /** Degrees clockwise from north, 0 to 360. */
    public function bearing(RoomOpening $opening): float
    {
        [$x, $y] = $opening->outward();

        return fmod($this->up + rad2deg(atan2($x, -$y)) + 720.0, 360.0);
    }

    /**
     * From what was read at several openings; null: nothing was.
     *
     * @param  list<array{RoomOpening, float}>  $readings  each opening with its bearing by compass
     */
    public static function fromReadings(array $readings): ?self
    {
        $x = $y = 0.0;
        foreach ($readings as [$opening, $bearing]) {
            $up = deg2rad(self::upFrom($opening, $bearing));
            $x += sin($up);
            $y += cos($up);
        }

        return $readings === [] ? null : new self(fmod(rad2deg(atan2($x, $y)) + 360.0, 360.0));
    }

    /** How far a reading lies off what the plan says of the opening, 0 to 180 degrees: steel nearby turns a needle. */
    public function off(RoomOpening $opening, float $bearing): float
    {
        $apart = abs($this->bearing($opening) - $bearing);

        return min($apart, 360.0 - $apart);
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
