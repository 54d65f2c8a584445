<?php

declare(strict_types=1);

namespace Kavvel\Core\Floorplan;

use Kavvel\Core\Site\Polygon;

/**
 * Takes rooms into a plan that have changed their shape: whether that can be, what walls there are then, which devices and
 * points go along, and what the floor covers.
 */
final readonly class Reshape
{
    /** What stands this near to a wall that is moved is fixed to it, in metres (assumption) */
    private const FIXED_TO_WALL_M = 0.35;

    /** No house is larger, in metres from the origin */
    private const FARTHEST_M = 500.0;

    /** @param array<string, Room> $rooms all of the plan as they are to be */
    public static function of(Plan $plan, array $rooms, Carry $carry): Plan
    {
        $changed = self::changed($plan->rooms, $rooms);
        foreach ($changed as $key) {
            if (isset($rooms[$key])) {
                self::check($rooms[$key], $rooms);
            }
        }
        $storeys = [];
        foreach ($changed as $key) {
            foreach ([$plan->rooms[$key] ?? null, $rooms[$key] ?? null] as $room) {
                if ($room !== null) {
                    $storeys[$room->storey] = $room->storey;
                }
            }
        }
        $after = $plan->with(rooms: $rooms, things: self::things($plan, $carry));
        foreach ($storeys as $key) {
            $after = self::storey($plan, $after, $plan->storey($key), $carry);
        }
        self::checkThings($after, $changed);

        return $after;
    }

    /**
     * @param  array<string, Room>  $before
     * @param  array<string, Room>  $after
     * @return list<string>
     */
    private static function changed(array $before, array $after): array
    {
        $changed = [];
        foreach (array_replace($before, $after) as $key => $room) {
            if (($before[$key] ?? null) !== ($after[$key] ?? null)) {
                $changed[] = $room->key;
            }
        }

        return $changed;
    }

    /** @param array<string, Room> $rooms */
    private static function check(Room $room, array $rooms): void
    {
        foreach ($room->outline as $corner) {
            if (max(abs($corner[0]), abs($corner[1])) > self::FARTHEST_M) {
                throw PlanRefused::outOfRange('plan', 'Nothing of a plan lies farther out than '.self::FARTHEST_M.' m.');
            }
        }
        [$left, $top, $right, $bottom] = $room->polygon()->bounds();
        if (count($room->outline) < 3 || min($right - $left, $bottom - $top) < RoomMeasure::NARROWEST_M
            || self::shortestEdge($room) < Shape::SAME_M) {
            throw PlanRefused::tooSmall($room);
        }
        if (! Shape::isSimple($room->outline)) {
            throw PlanRefused::crossesItself($room);
        }
        foreach ($room->kind->hasWalls() ? $rooms : [] as $other) {
            if ($other->key !== $room->key && $other->storey === $room->storey && $other->kind->hasWalls()
                && Shape::overlap($room->outline, $other->outline)) {
                throw PlanRefused::overlap($room, $other);
            }
        }
    }

    private static function shortestEdge(Room $room): float
    {
        return min([INF, ...array_map(
            static fn (array $edge): float => hypot($edge[1][0] - $edge[0][0], $edge[1][1] - $edge[0][1]),
            Shape::edges($room->outline),
        )]);
    }

    private static function storey(Plan $before, Plan $after, Storey $storey, Carry $carry): Plan
    {
        $roomsBefore = $before->roomsOn($storey->key);
        $roomsAfter = $after->roomsOn($storey->key);
        $walls = (new Joinery($storey, $roomsBefore, $roomsAfter, $carry))->walls(
            array_values($before->wallsOn($storey->key)),
            $before->walls,
        );
        $others = array_filter($after->walls, static fn (PlanWall $wall): bool => $wall->storey !== $storey->key);

        return self::floor($after->with(walls: array_replace($others, self::byKey($walls))), $storey, $roomsBefore, $roomsAfter);
    }

    /**
     * Walls of a storey that became thicker or thinner meet their neighbours at other places.
     *
     * @param  list<string>  $changed  keys of walls
     */
    public static function refit(Plan $plan, Storey $storey, array $changed): Plan
    {
        $rooms = $plan->roomsOn($storey->key);
        $walls = (new Joinery($storey, $rooms, $rooms, Carry::nothing()))->refitted($plan->wallsOn($storey->key), $changed);

        return $plan->with(walls: array_replace($plan->walls, self::byKey($walls)));
    }

    /**
     * @param  list<PlanWall>  $walls
     * @return array<string, PlanWall>
     */
    private static function byKey(array $walls): array
    {
        return array_column(array_map(static fn (PlanWall $wall): array => [$wall->key, $wall], $walls), 1, 0);
    }

    /**
     * An outline that follows from the rooms goes on doing so; one that somebody drew is kept.
     *
     * @param  array<string, Room>  $before
     * @param  array<string, Room>  $after
     */
    private static function floor(Plan $plan, Storey $storey, array $before, array $after): Plan
    {
        $was = FloorOutline::of($before);
        $isDrawn = $was !== [] && abs(abs(Shape::turn($was)) - abs(Shape::turn($storey->outline))) > 0.05;
        $outline = FloorOutline::of($after);

        return $isDrawn || $outline === [] ? $plan : $plan->withStorey($storey->with(['outline' => $outline]));
    }

    /** @return array<string, Thing> */
    private static function things(Plan $plan, Carry $carry): array
    {
        $things = [];
        foreach ($plan->things as $name => $thing) {
            $room = $thing->isInRoom() ? $plan->rooms[$thing->home] ?? null : self::roomOfHub($plan, $thing);
            $things[$name] = $room === null ? $thing : $thing->movedBy(...self::moveIn($room, $thing, $carry));
        }

        return $things;
    }

    private static function roomOfHub(Plan $plan, Thing $hub): ?Room
    {
        return $plan->roomAt($hub->home, $hub->position[0], $hub->position[1]);
    }

    /**
     * What goes with a wall that is moved: what is fixed to it, and what it sweeps.
     *
     * @return array{float, float}
     */
    private static function moveIn(Room $room, Thing $thing, Carry $carry): array
    {
        $place = [$thing->position[0], $thing->position[1]];
        $moves = [];
        foreach (Shape::edges($room->outline) as $edge => [$from, $to]) {
            $move = $carry->of(new Side($room->key, $edge));
            $moves[] = $move;
            if ($move === [0.0, 0.0]) {
                continue;
            }
            $swept = [Shape::moved($from, ...$move), Shape::moved($to, ...$move)];
            $isSwept = (new Polygon([$from, $to, $swept[1], $swept[0]]))->contains(...$place);
            if ($isSwept || Shape::distance($place, $from, $to) <= self::FIXED_TO_WALL_M) {
                return $move;
            }
        }

        return count(array_unique($moves, SORT_REGULAR)) === 1 ? $moves[0] : [0.0, 0.0];
    }

    /** @param list<string> $changed keys of rooms */
    private static function checkThings(Plan $plan, array $changed): void
    {
        foreach ($changed as $key) {
            $room = $plan->rooms[$key] ?? null;
            $outside = $room === null ? [] : array_filter(
                $plan->thingsIn($key),
                static fn (Thing $thing): bool => ! self::isIn($room, $thing),
            );
            if ($room !== null && $outside !== []) {
                throw PlanRefused::standsOutside(
                    array_values(array_map(static fn (Thing $thing): string => $thing->name, $outside)),
                    $room,
                );
            }
        }
    }

    /** A device in the wall of a room is in the room. */
    private static function isIn(Room $room, Thing $thing): bool
    {
        $place = [$thing->position[0], $thing->position[1]];
        if ($room->polygon()->contains(...$place)) {
            return true;
        }
        foreach (Shape::edges($room->outline) as [$from, $to]) {
            if (Shape::distance($place, $from, $to) <= self::FIXED_TO_WALL_M) {
                return true;
            }
        }

        return false;
    }
}
