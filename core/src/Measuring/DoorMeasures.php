<?php

declare(strict_types=1);

namespace Kavvel\Core\Measuring;

/** What is measured of a door before a lock for it is bought, in millimetres. Null: nobody has measured it. */
final readonly class DoorMeasures
{
    /**
     * @param  float|null  $freeMm  room for it before the door: to the handle, the frame, a second door
     * @param  float|null  $cylinderMm  how far the cylinder stands out inside
     * @param  Hand|null  $hinges  on which side they are, from inside
     * @param  bool|null  $keyInside  whether somebody leaves a key in it inside
     */
    public function __construct(
        public ?float $thicknessMm = null,
        public ?float $backsetMm = null,
        public ?float $freeMm = null,
        public ?float $cylinderMm = null,
        public ?Hand $hinges = null,
        public ?bool $keyInside = null,
        public bool $isMetal = false,
    ) {}
}
