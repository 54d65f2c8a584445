<?php

declare(strict_types=1);

namespace Kavvel\Core\Measuring;

/**
 * Finds openings again whose walls were cut in two or joined since: their wall is called differently then, and they are where they
 * were.
 */
final readonly class FoundAgain
{
    /** An opening that is farther off is another one (assumption), in metres */
    private const NEAR_M = 0.5;

    /**
     * @param  list<OpeningMark>  $marks  as they were when they were measured
     * @param  list<OpeningMark>  $openings  as they are
     * @return array<string, string> what each is called now, by what it was called; those that are gone are not among them
     */
    public static function of(array $marks, array $openings): array
    {
        $free = [];
        foreach ($openings as $one) {
            $free[$one->opening] = $one;
        }
        $found = $left = [];
        foreach ($marks as $mark) {
            if (isset($free[$mark->opening])) {
                $found[$mark->opening] = $mark->opening;
            } else {
                $left[] = $mark;
            }
        }
        $free = array_diff_key($free, $found);
        foreach (self::pairs($left, $free) as [$mark, $opening]) {
            if (! isset($found[$mark->opening]) && isset($free[$opening->opening])) {
                $found[$mark->opening] = $opening->opening;
                unset($free[$opening->opening]);
            }
        }

        return $found;
    }

    /**
     * @param  list<OpeningMark>  $marks
     * @param  array<string, OpeningMark>  $openings
     * @return list<array{OpeningMark, OpeningMark}> that are near each other, the nearest first
     */
    private static function pairs(array $marks, array $openings): array
    {
        $pairs = [];
        foreach ($marks as $mark) {
            foreach ($openings as $opening) {
                $away = hypot($mark->x - $opening->x, $mark->y - $opening->y);
                if ($mark->storey === $opening->storey && $away <= self::NEAR_M) {
                    $pairs[] = [$away, $mark, $opening];
                }
            }
        }
        usort($pairs, static fn (array $a, array $b): int => $a[0] <=> $b[0]);

        return array_map(static fn (array $pair): array => [$pair[1], $pair[2]], $pairs);
    }
}
