<?php

declare(strict_types=1);

namespace Kavvel\Core\Mesh;

/** A link between two nodes: the margin from a to b, and back, in dB. */
final readonly class Link
{
    /** Directions further apart than this are reported (assumption) */
    private const ASYMMETRIC_DB = 6.0;

    /** Differences of decimal inputs carry rounding noise of this size */
    private const NOISE_DB = 1e-9;

    public float $marginBackDb;

    public function __construct(public string $a, public string $b, public float $marginDb, ?float $marginBackDb = null)
    {
        $this->marginBackDb = $marginBackDb ?? $marginDb;
    }

    public function worseDb(): float
    {
        return min($this->marginDb, $this->marginBackDb);
    }

    public function differenceDb(): float
    {
        return abs($this->marginDb - $this->marginBackDb);
    }

    public function isAsymmetric(): bool
    {
        return $this->differenceDb() > self::ASYMMETRIC_DB + self::NOISE_DB;
    }
}
