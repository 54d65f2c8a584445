<?php

declare(strict_types=1);

namespace Kavvel\Core\Coverage;

/** Which of many places are worth a full look: those that hear the most devices straight. */
final readonly class Promising
{
    /** Looking at more goes on for longer than anybody waits: places times links among the devices (measured) */
    private const MOST_WORK = 1_500_000;

    private const FEWEST = 5;

    /**
     * @param  list<RadioEnd>  $devices
     * @param  list<RadioEnd>  $places
     * @return list<RadioEnd> in their order
     */
    public static function of(RadioPlan $plan, array $devices, array $places, float $acceptanceDb): array
    {
        $most = max(self::FEWEST, intdiv(self::MOST_WORK, max(1, count($devices)) ** 2));
        if (count($places) <= $most) {
            return $places;
        }
        $heard = array_map(
            static fn (RadioEnd $place): int => count(FewestHearers::heard($plan, $place, $devices, $acceptanceDb)),
            $places,
        );
        arsort($heard);
        $chosen = array_slice($heard, 0, $most, true);
        ksort($chosen);

        return array_values(array_intersect_key($places, $chosen));
    }
}
