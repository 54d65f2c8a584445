<?php

declare(strict_types=1);

namespace App\Radio;

use Kavvel\Core\Calibrating\HeardPath;
use Kavvel\Core\Mesh\Link;
use Kavvel\Core\Radio\Clutter;

/** A link as it was measured, beside what the plan says of it. Margins in dB. */
final readonly class MeasuredPath
{
    private function __construct(public PlannedPair $pair, public HeardPath $heard, public float $measuredDb) {}

    /** @param Link $measured  from the one end of the pair to the other */
    public static function of(PlannedPair $pair, Link $measured, bool $isBackKnown): self
    {
        return new self(
            $pair,
            HeardPath::between($pair->id(), $pair->distanceM, $pair->bare, $measured, $isBackKnown),
            HeardPath::mean($measured, $isBackKnown),
        );
    }

    public function forecastDb(Clutter $clutter): float
    {
        return $this->measuredDb - $this->offDb($clutter);
    }

    /** Negative: it is worse than the forecast. */
    public function offDb(Clutter $clutter): float
    {
        return $clutter->lossDb($this->pair->distanceM) - $this->heard->lossDb;
    }
}
