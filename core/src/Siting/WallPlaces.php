<?php

declare(strict_types=1);

namespace Kavvel\Core\Siting;

use Kavvel\Core\Floorplan\Plan;
use Kavvel\Core\Floorplan\Room;
use Kavvel\Core\Floorplan\Shape;

/** Places along the walls of a room, on its own side of them. */
final readonly class WallPlaces
{
    /** How far from the middle of a thin wall a device hangs, in metres (assumption) */
    private const OFF_A_WALL_M = 0.12;

    /** A free piece of wall is looked for in such steps, in metres */
    private const STEP_M = 0.5;

    /** Farther from doors and windows than this is far enough: draught and sun are gone (assumption), in metres */
    private const FAR_M = 1.0;

    /** How far behind a wall its other side is looked at, in metres */
    private const BEYOND_M = 0.6;

    /**
     * @param  list<RoomOpening>  $openings
     * @param  list<array{float, float}>  $taken  where something is already
     */
    public function __construct(private Room $room, private array $openings, private Plan $plan, private array $taken) {}

    /**
     * In the room, with nothing near.
     *
     * @param  array{float, float}  $place
     */
    public function isFree(array $place): bool
    {
        foreach ($this->taken as [$x, $y]) {
            if (hypot($x - $place[0], $y - $place[1]) < RoomSpots::TAKEN_M) {
                return false;
            }
        }

        return $this->room->polygon()->contains(...$place);
    }

    /**
     * On an inside wall out of sun and draught: as far from doors and windows as is far enough, then inside walls before
     * outer ones, then the longest way from all openings.
     *
     * @return array{float, float}
     */
    public function free(): array
    {
        $best = null;
        foreach ($this->along() as [$place, $behind]) {
            $away = $this->awayFrom($place, $this->openings);
            $isInside = $this->plan->roomAt($this->room->storey, ...$behind)?->kind->hasWalls() ?? false;
            $merit = [$this->isFree($place), min($away, self::FAR_M), $isInside, min($away, 99.0)];
            if ($best === null || $merit > $best[0]) {
                $best = [$merit, $place];
            }
        }

        return $best[1] ?? Shape::inside($this->room->outline);
    }

    /** @return array{float, float} the corner from which the room is seen and no window dazzles */
    public function cornerAwayFromWindows(): array
    {
        $windows = array_values(array_filter($this->openings, static fn (RoomOpening $one): bool => $one->isWindow()));
        $best = null;
        $corners = $this->room->outline;
        foreach ($corners as $number => $corner) {
            [$before, $after] = [$corners[($number + count($corners) - 1) % count($corners)], $corners[($number + 1) % count($corners)]];
            $place = $this->into($corner, $before, $after);
            $merit = $place === null ? null : [$this->isFree($place), round(min($this->awayFrom($place, $windows), 99.0), 3)];
            if ($merit !== null && ($best === null || $merit > $best[0])) {
                $best = [$merit, $place];
            }
        }

        return $best[1] ?? Shape::inside($corners);
    }

    /** @return iterable<array{array{float, float}, array{float, float}}> places before the walls, and what lies behind them there */
    private function along(): iterable
    {
        $turn = Shape::turn($this->room->outline) > 0 ? 1 : -1;
        foreach (Shape::edges($this->room->outline) as [$from, $to]) {
            $length = hypot($to[0] - $from[0], $to[1] - $from[1]);
            [$ux, $uy] = [($to[0] - $from[0]) / $length, ($to[1] - $from[1]) / $length];
            $at = static fn (float $along, float $off): array => [
                Shape::millimetres($from[0] + $ux * $along - $uy * $off * $turn),
                Shape::millimetres($from[1] + $uy * $along + $ux * $off * $turn),
            ];
            $steps = max(2, (int) round($length / self::STEP_M));
            for ($step = 1; $step < $steps; $step++) {
                $place = $at($length * $step / $steps, self::OFF_A_WALL_M);
                if ($this->room->polygon()->contains(...$place)) {
                    yield [$place, $at($length * $step / $steps, -self::BEYOND_M)];
                }
            }
        }
    }

    /**
     * From a corner into the room, off both of its walls. Null where the corner turns outwards.
     *
     * @param  array{float, float}  $corner
     * @param  array{float, float}  $before
     * @param  array{float, float}  $after
     * @return array{float, float}|null
     */
    private function into(array $corner, array $before, array $after): ?array
    {
        $place = $corner;
        foreach ([$before, $after] as $other) {
            $length = hypot($other[0] - $corner[0], $other[1] - $corner[1]);
            $place = Shape::moved(
                $place,
                ($other[0] - $corner[0]) / $length * self::OFF_A_WALL_M * 2,
                ($other[1] - $corner[1]) / $length * self::OFF_A_WALL_M * 2,
            );
        }

        return $this->room->polygon()->contains(...$place) ? $place : null;
    }

    /**
     * @param  array{float, float}  $place
     * @param  list<RoomOpening>  $openings
     */
    private function awayFrom(array $place, array $openings): float
    {
        return $openings === []
            ? INF
            : min(array_map(static fn (RoomOpening $one): float => $one->distanceTo($place), $openings));
    }
}
