<?php

declare(strict_types=1);

namespace Kavvel\Core\Radio;

/** What furniture and people cost: a constant in dB and a slope in dB per metre (assumption, until calibrated). */
final readonly class Clutter
{
    public const CONSTANT_DB = 3.0;

    public const DB_PER_METRE = 0.3;

    /** Beyond these it is no furniture any more (assumption, the same that bound a calibration) */
    public const MOST_CONSTANT_DB = 15.0;

    public const MOST_DB_PER_METRE = 2.0;

    public function __construct(public float $constantDb = self::CONSTANT_DB, public float $dbPerMetre = self::DB_PER_METRE) {}

    public function lossDb(float $distanceM): float
    {
        return $this->constantDb + $this->dbPerMetre * $distanceM;
    }
}
