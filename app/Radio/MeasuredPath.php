<?php

declare(strict_types=1);

namespace App\Radio;

use Kavvel\Core\Calibrating\HeardPath;
use Kavvel\Core\Mesh\Link;
use Kavvel\Core\Radio\Clutter;

/** A link as it was measured, beside what the plan says of it. Margins in dB, the mean of both ways where both are known. */
final readonly class MeasuredPath
{
    private function __construct(public PlannedPair $pair, public float $bareDb, public float $measuredDb) {}

    /** @param Link $measured  from the one end of the pair to the other; of a device that sleeps the way back is its forecast */
    public static function of(PlannedPair $pair, Link $measured, bool $isBackKnown): self
    {
        $mean = static fn (Link $link): float => $isBackKnown ? ($link->marginDb + $link->marginBackDb) / 2 : $link->marginDb;
        $bare = $measured->a === $pair->a->key
            ? $pair->bare
            : new Link($pair->bare->b, $pair->bare->a, $pair->bare->marginBackDb, $pair->bare->marginDb);

        return new self($pair, $mean($bare), $mean($measured));
    }

    public function heard(): HeardPath
    {
        return new HeardPath($this->pair->id(), $this->pair->distanceM, $this->bareDb - $this->measuredDb);
    }

    public function forecastDb(Clutter $clutter): float
    {
        return $this->bareDb - $clutter->lossDb($this->pair->distanceM);
    }

    /** Negative: it is worse than the forecast. */
    public function offDb(Clutter $clutter): float
    {
        return $this->measuredDb - $this->forecastDb($clutter);
    }
}
