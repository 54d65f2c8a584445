<?php

declare(strict_types=1);

namespace Kavvel\Core\Coverage;

/**
 * The fewest places from which as many devices as possible are reached, each straight: Bluetooth relays that hand on what
 * they hear, or infrared blasters. All choices of up to three are looked at, where there are not many places; beyond, the best
 * is added one by one.
 */
final readonly class FewestPlaces
{
    /**
     * @param  array<string, list<string>>  $reached  devices by place
     * @param  list<string>  $devices  all that are to be reached
     * @param  list<string>  $already  those that are reached without any
     */
    public static function of(array $reached, array $devices, array $already = []): RelayPlan
    {
        ksort($reached, SORT_STRING);
        $missing = array_values(array_diff($devices, $already));
        $useful = array_filter(array_map(static fn (array $some): array => array_values(array_intersect($missing, $some)), $reached));
        $most = count(array_unique(array_merge(...array_values($useful))));
        $together = count($useful) <= FewestRelays::MOST_CANDIDATES ? FewestRelays::MOST_TOGETHER : 1;
        $chosen = [];
        for ($size = 1; $size <= $together && $chosen === [] && $most > 0; $size++) {
            $chosen = self::together($useful, $most, $size);
        }
        $isExact = $most === 0 || $chosen !== [];
        $chosen = $isExact ? $chosen : self::onwards($useful);
        $covered = array_merge(...array_map(static fn (string $place): array => $useful[$place], $chosen));
        $open = array_values(array_diff($missing, $covered));
        sort($open, SORT_STRING);

        return new RelayPlan($chosen, $isExact, count($devices) - count($missing), count($devices) - count($open), $open);
    }

    /**
     * @param  array<string, list<string>>  $useful
     * @return list<string> empty where no choice of this size reaches all that can be
     */
    private static function together(array $useful, int $most, int $size, int $from = 0): array
    {
        $places = array_keys($useful);
        for ($first = $from; $first < count($places); $first++) {
            $own = $useful[$places[$first]];
            if ($size === 1) {
                if (count($own) === $most) {
                    return [(string) $places[$first]];
                }

                continue;
            }
            $rest = array_map(static fn (array $some): array => array_values(array_diff($some, $own)), $useful);
            $others = self::together($rest, $most - count($own), $size - 1, $first + 1);
            if ($others !== []) {
                return [(string) $places[$first], ...$others];
            }
        }

        return [];
    }

    /**
     * @param  array<string, list<string>>  $useful
     * @return list<string>
     */
    private static function onwards(array $useful): array
    {
        $chosen = [];
        do {
            $best = null;
            foreach ($useful as $place => $some) {
                $best = count($some) > count($best === null ? [] : $useful[$best]) ? $place : $best;
            }
            if ($best !== null) {
                $chosen[] = (string) $best;
                $taken = $useful[$best];
                $useful = array_map(static fn (array $some): array => array_values(array_diff($some, $taken)), $useful);
            }
        } while ($best !== null);
        sort($chosen, SORT_STRING);

        return $chosen;
    }
}
