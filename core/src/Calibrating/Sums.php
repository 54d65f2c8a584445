<?php

declare(strict_types=1);

namespace Kavvel\Core\Calibrating;

/**
 * What least squares need of many links: one link can be taken out of it without going through the others. Lengths and
 * losses are counted from a middle, so that nothing is lost to rounding.
 */
final readonly class Sums
{
    private function __construct(
        private float $middleM,
        private float $middleDb,
        public int $count,
        private float $d,
        private float $y,
        private float $dd,
        private float $dy,
        private float $yy,
    ) {}

    /** @param list<HeardPath> $paths */
    public static function of(array $paths): self
    {
        $count = max(1, count($paths));
        $middleM = array_sum(array_map(static fn (HeardPath $path): float => $path->distanceM, $paths)) / $count;
        $middleDb = array_sum(array_map(static fn (HeardPath $path): float => $path->lossDb, $paths)) / $count;
        $sums = new self($middleM, $middleDb, 0, 0.0, 0.0, 0.0, 0.0, 0.0);
        foreach ($paths as $path) {
            $sums = $sums->with($path, 1);
        }

        return $sums;
    }

    public function without(HeardPath $path): self
    {
        return $this->with($path, -1);
    }

    /** The constant in dB that fits best with this slope. */
    public function constantFor(float $dbPerMetre): float
    {
        return $this->middleDb - $dbPerMetre * $this->middleM + ($this->y - $dbPerMetre * $this->d) / $this->count;
    }

    /** The slope in dB per metre that fits best with this constant. */
    public function slopeFor(float $constantDb): float
    {
        $d = $this->d + $this->count * $this->middleM;
        $dd = $this->dd + $this->middleM * ($this->d + $d);
        $dy = $this->dy + $this->middleM * $this->y + $this->middleDb * $d;

        return ($dy - $constantDb * $d) / $dd;
    }

    /** The slope of the best line through all of them; null where they are all of one length. */
    public function slope(): ?float
    {
        $spread = $this->count * $this->dd - $this->d ** 2;

        return $spread <= 0.0 ? null : ($this->count * $this->dy - $this->d * $this->y) / $spread;
    }

    /** The sum of the squares of what this line leaves over, in dB². */
    public function leftOver(float $constantDb, float $dbPerMetre): float
    {
        $at = $constantDb + $dbPerMetre * $this->middleM - $this->middleDb;

        return max(0.0, $this->yy - 2 * ($at * $this->y + $dbPerMetre * $this->dy) + $this->count * $at ** 2
            + 2 * $at * $dbPerMetre * $this->d + $dbPerMetre ** 2 * $this->dd);
    }

    private function with(HeardPath $path, int $times): self
    {
        [$d, $y] = [$path->distanceM - $this->middleM, $path->lossDb - $this->middleDb];

        return new self(
            $this->middleM,
            $this->middleDb,
            $this->count + $times,
            $this->d + $times * $d,
            $this->y + $times * $y,
            $this->dd + $times * $d * $d,
            $this->dy + $times * $d * $y,
            $this->yy + $times * $y * $y,
        );
    }
}
