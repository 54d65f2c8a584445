<?php

declare(strict_types=1);

namespace Kavvel\Core\Cabling;

use Kavvel\Core\Floorplan\Plan;
use Kavvel\Core\Floorplan\Thing;

/** Labels for the ends of cables: storey, room code, number. One that was written on a cable stays with its point. */
final readonly class PointLabels
{
    /** @return array<string, string> by key of the point; each once */
    public static function of(Plan $plan): array
    {
        $points = array_filter($plan->things, static fn (Thing $thing): bool => $thing->section === 'points');
        $labels = $taken = [];
        foreach ($points as $point) {
            $written = $point->facts['label'] ?? null;
            if (is_string($written) && ! isset($taken[$written])) {
                $labels["point {$point->key}"] = $written;
                $taken[$written] = true;
            }
        }
        $all = [];
        foreach ($points as $point) {
            $label = $labels["point {$point->key}"] ?? self::free($plan, $point, $taken);
            $taken[$label] = true;
            $all[$point->key] = $label;
        }

        return $all;
    }

    /**
     * With the number of its key, so that it keeps its label when others go; else the next that is free.
     *
     * @param  array<string, true>  $taken
     */
    private static function free(Plan $plan, Thing $point, array $taken): string
    {
        $room = $plan->room($point->home);
        $level = $plan->storey($room->storey)->level;
        $number = preg_match('/(\d{1,4})$/', $point->key, $found) === 1 ? (int) $found[1] : 0;
        $label = self::label($level, $room->code, $number);
        for ($next = 1; $number === 0 || isset($taken[$label]); $next++) {
            $number = $next;
            $label = self::label($level, $room->code, $next);
        }

        return $label;
    }

    private static function label(int $level, string $code, int $number): string
    {
        return sprintf('%d-%s-%02d', $level, $code, $number);
    }
}
