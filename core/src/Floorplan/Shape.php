<?php

declare(strict_types=1);

namespace Kavvel\Core\Floorplan;

use Kavvel\Core\Site\Polygon;

/** Closed outlines in the plan, as lists of corners in metres. */
final readonly class Shape
{
    /** A plan is drawn to the millimetre */
    private const DECIMALS = 3;

    /** Places nearer than this are one */
    public const SAME_M = 0.002;

    /**
     * @param  array{float, float}  $place
     * @return array{float, float}
     */
    public static function moved(array $place, float $dx, float $dy): array
    {
        return [self::millimetres($place[0] + $dx), self::millimetres($place[1] + $dy)];
    }

    /** There is no minus nought. */
    public static function millimetres(float $metres): float
    {
        return round($metres, self::DECIMALS) + 0.0;
    }

    /**
     * @param  list<array{float, float}>  $corners
     * @return list<array{array{float, float}, array{float, float}}> each from its corner to the next
     */
    public static function edges(array $corners): array
    {
        $edges = [];
        foreach ($corners as $index => $corner) {
            $edges[] = [$corner, $corners[($index + 1) % count($corners)]];
        }

        return $edges;
    }

    /**
     * Without corners that stand twice or in the middle of a straight side.
     *
     * @param  list<array{float, float}>  $corners
     * @return list<array{float, float}>
     */
    public static function tidy(array $corners): array
    {
        do {
            $count = count($corners);
            foreach ($corners as $index => $corner) {
                $before = $corners[($index + $count - 1) % $count];
                $after = $corners[($index + 1) % $count];
                if (self::isNeedless($before, $corner, $after)) {
                    array_splice($corners, $index, 1);
                    break;
                }
            }
        } while (count($corners) < $count);

        return array_values($corners);
    }

    /** @param list<array{float, float}> $corners positive where they turn from x towards y */
    public static function turn(array $corners): float
    {
        $twice = 0.0;
        foreach (self::edges($corners) as [$a, $b]) {
            $twice += $a[0] * $b[1] - $b[0] * $a[1];
        }

        return $twice / 2;
    }

    /** @param list<array{float, float}> $corners whether no side crosses or touches another */
    public static function isSimple(array $corners): bool
    {
        $edges = self::edges($corners);
        $count = count($edges);
        foreach ($edges as $i => [$a, $b]) {
            for ($j = $i + 2; $j < $count; $j++) {
                if ($i === 0 && $j === $count - 1) {
                    continue;
                }
                if (self::meet($a, $b, ...$edges[$j])) {
                    return false;
                }
            }
        }

        return true;
    }

    /**
     * Whether two outlines share more than their edges.
     *
     * @param  list<array{float, float}>  $one
     * @param  list<array{float, float}>  $other
     */
    public static function overlap(array $one, array $other): bool
    {
        return self::reachesInto($one, $other) || self::reachesInto($other, $one)
            || self::isDeepIn(self::inside($one), $other);
    }

    /**
     * A place well inside an outline.
     *
     * @param  list<array{float, float}>  $corners
     * @return array{float, float}
     */
    public static function inside(array $corners): array
    {
        $polygon = new Polygon($corners);
        $ways = count($corners) > 4 ? 2 : 1;
        foreach ($corners as $index => $corner) {
            for ($way = 1; $way <= $ways; $way++) {
                $across = $corners[($index + $way + 1) % count($corners)];
                $middle = [($corner[0] + $across[0]) / 2, ($corner[1] + $across[1]) / 2];
                if ($polygon->contains(...$middle) && self::farFrom($middle, $corners) > self::SAME_M) {
                    return $middle;
                }
            }
        }

        return $corners[0];
    }

    /**
     * @param  list<array{float, float}>  $one
     * @param  list<array{float, float}>  $other
     */
    private static function reachesInto(array $one, array $other): bool
    {
        foreach (self::edges($one) as [$a, $b]) {
            $shares = [0.0, 1.0];
            foreach (self::edges($other) as [$c, $d]) {
                $share = self::shareOfCrossing($a, $b, $c, $d);
                if ($share !== null) {
                    $shares[] = $share;
                }
            }
            sort($shares);
            for ($i = 1, $count = count($shares); $i < $count; $i++) {
                $middle = ($shares[$i - 1] + $shares[$i]) / 2;
                if (self::isDeepIn([$a[0] + ($b[0] - $a[0]) * $middle, $a[1] + ($b[1] - $a[1]) * $middle], $other)) {
                    return true;
                }
            }
        }

        return false;
    }

    /**
     * @param  array{float, float}  $place
     * @param  list<array{float, float}>  $corners
     */
    private static function isDeepIn(array $place, array $corners): bool
    {
        return (new Polygon($corners))->contains(...$place) && self::farFrom($place, $corners) > self::SAME_M;
    }

    /**
     * @param  array{float, float}  $place
     * @param  list<array{float, float}>  $corners
     */
    private static function farFrom(array $place, array $corners): float
    {
        $nearest = INF;
        foreach (self::edges($corners) as [$a, $b]) {
            $nearest = min($nearest, self::distance($place, $a, $b));
        }

        return $nearest;
    }

    /**
     * How far a place lies from a stretch.
     *
     * @param  array{float, float}  $place
     * @param  array{float, float}  $a
     * @param  array{float, float}  $b
     */
    public static function distance(array $place, array $a, array $b): float
    {
        $squared = ($b[0] - $a[0]) ** 2 + ($b[1] - $a[1]) ** 2;
        $share = $squared <= 0.0 ? 0.0
            : (($place[0] - $a[0]) * ($b[0] - $a[0]) + ($place[1] - $a[1]) * ($b[1] - $a[1])) / $squared;
        $share = max(0.0, min(1.0, $share));

        return hypot($place[0] - $a[0] - $share * ($b[0] - $a[0]), $place[1] - $a[1] - $share * ($b[1] - $a[1]));
    }

    /**
     * @param  array{float, float}  $a
     * @param  array{float, float}  $b
     * @param  array{float, float}  $c
     * @param  array{float, float}  $d
     */
    private static function meet(array $a, array $b, array $c, array $d): bool
    {
        return min(self::distance($a, $c, $d), self::distance($b, $c, $d), self::distance($c, $a, $b), self::distance($d, $a, $b))
            < self::SAME_M || self::shareOfCrossing($a, $b, $c, $d) !== null;
    }

    /**
     * @param  array{float, float}  $a
     * @param  array{float, float}  $b
     * @param  array{float, float}  $c
     * @param  array{float, float}  $d
     * @return float|null where on a–b the other stretch crosses it
     */
    private static function shareOfCrossing(array $a, array $b, array $c, array $d): ?float
    {
        $cross = ($b[0] - $a[0]) * ($d[1] - $c[1]) - ($b[1] - $a[1]) * ($d[0] - $c[0]);
        if (abs($cross) < 1e-12) {
            return null;
        }
        $share = (($c[0] - $a[0]) * ($d[1] - $c[1]) - ($c[1] - $a[1]) * ($d[0] - $c[0])) / $cross;
        $other = (($c[0] - $a[0]) * ($b[1] - $a[1]) - ($c[1] - $a[1]) * ($b[0] - $a[0])) / $cross;

        return $share > 0 && $share < 1 && $other >= 0 && $other <= 1 ? $share : null;
    }

    /**
     * @param  array{float, float}  $before
     * @param  array{float, float}  $corner
     * @param  array{float, float}  $after
     */
    private static function isNeedless(array $before, array $corner, array $after): bool
    {
        $near = hypot($corner[0] - $before[0], $corner[1] - $before[1]);
        if ($near < self::SAME_M) {
            return true;
        }
        $length = hypot($after[0] - $before[0], $after[1] - $before[1]);
        $off = abs(($after[0] - $before[0]) * ($corner[1] - $before[1]) - ($after[1] - $before[1]) * ($corner[0] - $before[0]));

        return $length > 0 && $off / $length < self::SAME_M / 2
            && ($corner[0] - $before[0]) * ($after[0] - $corner[0]) + ($corner[1] - $before[1]) * ($after[1] - $corner[1]) > 0;
    }
}
