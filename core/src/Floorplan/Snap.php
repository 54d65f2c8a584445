<?php

declare(strict_types=1);

namespace Kavvel\Core\Floorplan;

use Kavvel\Core\Site\Polygon;

/** Where a thing that is dragged by hand is meant to come to lie: at what is near, else on a raster. */
final readonly class Snap
{
    /** What comes this near is meant to meet, in metres (assumption) */
    private const NEAR_M = 0.3;

    /** Rooms that lie farther apart are no neighbours, in metres (assumption) */
    private const NEIGHBOURS_M = 1.0;

    /** A hand draws no finer than this, in metres */
    private const RASTER_M = 0.05;

    /**
     * How far a room moves that was dragged so far.
     *
     * @param  iterable<Room>  $others  of its storey
     * @return array{float, float}
     */
    public static function room(Room $room, float $dx, float $dy, iterable $others): array
    {
        $to = array_map(static fn (array $corner): array => Shape::moved($corner, $dx, $dy), $room->outline);
        $shifts = [self::NEAR_M, self::NEAR_M];
        $found = [false, false];
        foreach ($others as $other) {
            if ($other->key === $room->key || ! $other->kind->hasWalls()) {
                continue;
            }
            foreach ($other->outline as $corner) {
                foreach ($to as $mine) {
                    foreach ([0, 1] as $axis) {
                        $shift = $corner[$axis] - $mine[$axis];
                        if (abs($shift) < abs($shifts[$axis]) - 1e-9 && self::isBeside($to, $other->outline)) {
                            $shifts[$axis] = $shift;
                            $found[$axis] = true;
                        }
                    }
                }
            }
        }

        return [
            $found[0] ? $dx + $shifts[0] : self::onRaster($room->outline[0][0] + $dx) - $room->outline[0][0],
            $found[1] ? $dy + $shifts[1] : self::onRaster($room->outline[0][1] + $dy) - $room->outline[0][1],
        ];
    }

    /**
     * How far a wall moves that was dragged so far across its line.
     *
     * @param  iterable<Stretch>  $others  that stay
     */
    public static function line(Line $line, float $by, iterable $others): float
    {
        $best = null;
        foreach ($others as $other) {
            if ($other->line->isParallelTo($line)) {
                $apart = $other->line->off - $line->off - $by;
                if (abs($apart) < self::NEAR_M / 2 && ($best === null || abs($apart) < abs($best))) {
                    $best = $apart;
                }
            }
        }

        return $best === null ? self::onRaster($line->off + $by) - $line->off : $by + $best;
    }

    private static function onRaster(float $metres): float
    {
        return Shape::millimetres(round($metres / self::RASTER_M) * self::RASTER_M);
    }

    /**
     * Rooms at the far end of the house are no neighbours.
     *
     * @param  list<array{float, float}>  $one
     * @param  list<array{float, float}>  $other
     */
    private static function isBeside(array $one, array $other): bool
    {
        $a = (new Polygon($one))->bounds();
        $b = (new Polygon($other))->bounds();

        return max($a[0] - $b[2], $b[0] - $a[2], $a[1] - $b[3], $b[1] - $a[3]) < self::NEIGHBOURS_M;
    }
}
