<?php

declare(strict_types=1);

namespace Kavvel\Core\Measuring;

use Kavvel\Core\Catalogue\BlindKind;

/** What is measured of a window before a blind for it is bought, and what follows from where it looks. Null: nobody has measured it. */
final readonly class WindowMeasures
{
    /**
     * @param  BlindKind|null  $kind  what hangs there, or is to hang there
     * @param  float|null  $widthM  in metres
     * @param  float|null  $depthMm  of the reveal; it matters where the blind hangs in it
     * @param  Hand|null  $motor  on which side it is, from inside
     * @param  float|null  $bearing  where it looks by compass, degrees clockwise from north
     */
    public function __construct(
        public ?BlindKind $kind = null,
        public ?float $widthM = null,
        public ?float $dropM = null,
        public ?float $depthMm = null,
        public bool $isInReveal = false,
        public ?Hand $motor = null,
        public bool $hasCord = false,
        public bool $mustTilt = false,
        public ?float $bearing = null,
        public ?SeenFrom $seenFrom = null,
    ) {}
}
