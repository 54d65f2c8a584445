<?php

declare(strict_types=1);

namespace Kavvel\Core\Cabling;

/** A drum of one kind of cable and what is cut from it, in metres. */
final readonly class Drum
{
    /** @param list<CableRun> $runs in the order in which they are cut */
    public function __construct(public string $cable, public float $sizeM, public array $runs) {}

    public function leftM(): float
    {
        return round($this->sizeM - self::decimetres($this->runs) / 10, 3) + 0.0;
    }

    /** @param list<CableRun> $runs */
    public static function decimetres(array $runs): int
    {
        return array_sum(array_map(static fn (CableRun $run): int => $run->decimetres, $runs));
    }
}
