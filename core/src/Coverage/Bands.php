<?php

declare(strict_types=1);

namespace Kavvel\Core\Coverage;

/**
 * A grid of levels cut into bands: between the middles of four neighbouring cells a level is taken to change evenly along
 * each side, so that a band ends where its bound is crossed and not at the edge of a cell.
 *
 * @phpstan-type Corner array{float, float, float}
 */
final readonly class Bands
{
    private const DECIMALS = 3;

    /**
     * @param  list<list<list<array{float, float}>>>  $areas  outlines of each band, in the order of the bounds
     * @param  list<list<array{array{float, float}, array{float, float}}>>  $lines  where each bound but the first is crossed
     */
    private function __construct(public array $areas, public array $lines) {}

    /**
     * @param  list<list<float>>  $levels  at the middles of the cells of the area, row by row
     * @param  list<float>  $bounds  the least level of each band, from the lowest up; the first is −INF
     */
    public static function of(Area $area, array $levels, array $bounds): self
    {
        $areas = array_fill(0, count($bounds), []);
        $lines = array_fill(0, count($bounds), []);
        for ($row = 0; $row + 1 < $area->rows; $row++) {
            $run = null;
            for ($column = 0; $column + 1 < $area->columns; $column++) {
                $square = self::square($area, $levels, $row, $column);
                $band = self::onlyBand($square, $bounds);
                if ($run !== null && $band !== $run[0]) {
                    $areas[$run[0]][] = self::strip($run[1], $run[2]);
                    $run = null;
                }
                if ($band !== null) {
                    $run = [$band, $run[1] ?? $square, $square];

                    continue;
                }
                // Halved, so that no part of it is a saddle.
                foreach ([[$square[0], $square[1], $square[2]], [$square[0], $square[2], $square[3]]] as $half) {
                    foreach ($bounds as $number => $least) {
                        $part = self::between($half, $least, $bounds[$number + 1] ?? INF);
                        if (count($part) > 2) {
                            $areas[$number][] = self::flat($part);
                        }
                        $lines[$number] = [...$lines[$number], ...self::crossing($half, $least)];
                    }
                }
            }
            if ($run !== null) {
                $areas[$run[0]][] = self::strip($run[1], $run[2]);
            }
        }

        return new self($areas, $lines);
    }

    /**
     * @param  list<list<float>>  $levels
     * @return list<Corner> x, y and level, around
     */
    private static function square(Area $area, array $levels, int $row, int $column): array
    {
        $corners = [];
        foreach ([[0, 0], [0, 1], [1, 1], [1, 0]] as [$down, $right]) {
            $corners[] = [
                $area->x + ($column + $right + 0.5) * $area->step,
                $area->y + ($row + $down + 0.5) * $area->step,
                $levels[$row + $down][$column + $right],
            ];
        }

        return $corners;
    }

    /**
     * @param  list<Corner>  $square
     * @param  list<float>  $bounds
     */
    private static function onlyBand(array $square, array $bounds): ?int
    {
        $bands = array_map(static fn (array $corner): int => self::band($corner[2], $bounds), $square);

        return count(array_unique($bands)) === 1 ? $bands[0] : null;
    }

    /** @param list<float> $bounds */
    private static function band(float $level, array $bounds): int
    {
        $band = 0;
        foreach ($bounds as $number => $least) {
            $band = $level >= $least ? $number : $band;
        }

        return $band;
    }

    /**
     * @param  list<Corner>  $half
     * @return list<Corner>
     */
    private static function between(array $half, float $least, float $most): array
    {
        $part = $least === -INF ? $half : self::cut($half, $least, 1);

        return $most === INF ? $part : self::cut($part, $most, -1);
    }

    /**
     * @param  list<Corner>  $corners
     * @param  int  $side  1 keeps what is above the bound, −1 what is below
     * @return list<Corner>
     */
    private static function cut(array $corners, float $bound, int $side): array
    {
        $kept = [];
        foreach ($corners as $index => $corner) {
            $next = $corners[($index + 1) % count($corners)];
            if (($corner[2] - $bound) * $side >= 0) {
                $kept[] = $corner;
            }
            if (($corner[2] - $bound) * ($next[2] - $bound) < 0) {
                $kept[] = self::at($corner, $next, $bound);
            }
        }

        return $kept;
    }

    /**
     * @param  list<Corner>  $half
     * @return list<array{array{float, float}, array{float, float}}> one stretch, or none
     */
    private static function crossing(array $half, float $bound): array
    {
        $places = [];
        foreach ($bound === -INF ? [] : $half as $index => $corner) {
            $next = $half[($index + 1) % 3];
            if (($corner[2] >= $bound) !== ($next[2] >= $bound)) {
                $places[] = self::place(self::at($corner, $next, $bound));
            }
        }

        return isset($places[1]) ? [[$places[0], $places[1]]] : [];
    }

    /**
     * @param  Corner  $a
     * @param  Corner  $b
     * @return Corner
     */
    private static function at(array $a, array $b, float $bound): array
    {
        $share = ($bound - $a[2]) / ($b[2] - $a[2]);

        return [$a[0] + ($b[0] - $a[0]) * $share, $a[1] + ($b[1] - $a[1]) * $share, $bound];
    }

    /**
     * @param  list<Corner>  $first
     * @param  list<Corner>  $last
     * @return list<array{float, float}>
     */
    private static function strip(array $first, array $last): array
    {
        return self::flat([$first[0], $last[1], $last[2], $first[3]]);
    }

    /**
     * @param  list<Corner>  $corners
     * @return list<array{float, float}>
     */
    private static function flat(array $corners): array
    {
        return array_map(self::place(...), $corners);
    }

    /**
     * @param  Corner  $corner
     * @return array{float, float}
     */
    private static function place(array $corner): array
    {
        return [round($corner[0], self::DECIMALS), round($corner[1], self::DECIMALS)];
    }
}
