<?php

declare(strict_types=1);

namespace Kavvel\Core\Calibrating;

use Kavvel\Core\Radio\Clutter;

/** The clutter that fits measured links best: a constant and a slope, both within what furniture can be. */
final readonly class ClutterFit
{
    /** Links of about one length say nothing of the slope */
    private const LONGEST_TO_SHORTEST = 2.0;

    /**
     * @param  int  $parameters  that were fitted
     * @param  float  $rmseDb  of what it leaves over, with as many degrees of freedom as are left
     */
    private function __construct(public Clutter $clutter, public int $parameters, public float $rmseDb) {}

    /** @param list<HeardPath> $paths */
    public static function among(array $paths, Clutter $given): self
    {
        $lengths = array_map(static fn (HeardPath $path): float => $path->distanceM, $paths);
        sort($lengths);

        return self::of(Sums::of($paths), $lengths[0] ?? 0.0, $lengths[count($lengths) - 1] ?? 0.0, $given);
    }

    /** @param Clutter $given whose slope stays where the links don't tell it */
    public static function of(Sums $sums, float $shortestM, float $longestM, Clutter $given): self
    {
        $slope = $longestM < self::LONGEST_TO_SHORTEST * $shortestM ? null : $sums->slope();
        $clutter = $slope === null
            ? new Clutter(self::within($sums->constantFor($given->dbPerMetre), Clutter::MOST_CONSTANT_DB), $given->dbPerMetre)
            : self::best($sums, $slope);
        $parameters = $slope === null ? 1 : 2;
        $leftOver = $sums->leftOver($clutter->constantDb, $clutter->dbPerMetre);

        return new self($clutter, $parameters, sqrt($leftOver / max(1, $sums->count - $parameters)));
    }

    /** Where the best line is none that furniture could make, one of the two is at its bound. */
    private static function best(Sums $sums, float $slope): Clutter
    {
        $constant = $sums->constantFor($slope);
        if ($constant >= 0 && $constant <= Clutter::MOST_CONSTANT_DB && $slope >= 0 && $slope <= Clutter::MOST_DB_PER_METRE) {
            return new Clutter($constant, $slope);
        }
        $best = null;
        $least = INF;
        foreach ([
            ...array_map(static fn (float $slope): Clutter => new Clutter(
                self::within($sums->constantFor($slope), Clutter::MOST_CONSTANT_DB),
                $slope,
            ), [0.0, Clutter::MOST_DB_PER_METRE]),
            ...array_map(static fn (float $constant): Clutter => new Clutter(
                $constant,
                self::within($sums->slopeFor($constant), Clutter::MOST_DB_PER_METRE),
            ), [0.0, Clutter::MOST_CONSTANT_DB]),
        ] as $one) {
            $leftOver = $sums->leftOver($one->constantDb, $one->dbPerMetre);
            if ($leftOver < $least) {
                [$best, $least] = [$one, $leftOver];
            }
        }

        return $best ?? new Clutter($constant, $slope);
    }

    private static function within(float $value, float $most): float
    {
        return max(0.0, min($most, $value));
    }
}
