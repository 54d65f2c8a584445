<?php

declare(strict_types=1);

namespace App\Plan\Layout;

/** Plates that would lie on each other become one stack, which opens as a list. */
final readonly class PlateStacks
{
    /**
     * @param  array<string, array{float, float}>  $places  by id, in metres
     * @param  float  $apartX  nearer than this in both directions is too near
     * @return list<list<string>> groups in the order of their first member
     */
    public static function of(array $places, float $apartX, float $apartY): array
    {
        $groups = [];
        foreach ($places as $id => [$x, $y]) {
            foreach ($groups as $number => $group) {
                [$gx, $gy] = $places[$group[0]];
                if (abs($x - $gx) < $apartX && abs($y - $gy) < $apartY) {
                    $groups[$number][] = (string) $id;

                    continue 2;
                }
            }
            $groups[] = [(string) $id];
        }

        return array_values($groups);
    }
}
