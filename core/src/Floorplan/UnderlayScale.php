<?php

declare(strict_types=1);

namespace Kavvel\Core\Floorplan;

/** How much larger a picture under the plan has to be for a length in it to be what it is known to be. */
final readonly class UnderlayScale
{
    /** Two touches nearer than this say nothing, in metres */
    private const SHORTEST_M = 0.05;

    /**
     * @param  list<array{float, float}>  $ends  as they lie now, in metres
     *
     * @throws PlanRefused
     */
    public static function factor(array $ends, float $length): float
    {
        if (count($ends) !== 2) {
            throw PlanRefused::outOfRange('path', 'A known length has two ends: touch both.');
        }
        $now = hypot($ends[1][0] - $ends[0][0], $ends[1][1] - $ends[0][1]);
        if ($now < self::SHORTEST_M || $length < self::SHORTEST_M) {
            throw PlanRefused::outOfRange('path', 'The two ends lie too near each other. A longer known length is more exact.');
        }

        return $length / $now;
    }
}
