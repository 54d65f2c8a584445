<?php

declare(strict_types=1);

namespace Kavvel\Core\Floorplan;

/** Edges of rooms that move together across their line, and what becomes of the rooms. */
final readonly class EdgeMove
{
    /**
     * All edges that can't part: those of the stretches, and whatever lies on the same line against them, and so on.
     *
     * @param  list<Stretch>  $first
     * @param  list<Stretch>  $all  of the storey
     * @return list<Side>
     */
    public static function together(array $first, array $all): array
    {
        $sides = [];
        $todo = $first;
        while ($todo !== []) {
            foreach (array_shift($todo)->sides() as $side) {
                if (! isset($sides[$side->name()])) {
                    $sides[$side->name()] = $side;
                    $todo = [...$todo, ...array_filter($all, static fn (Stretch $one): bool => $one->lies($side))];
                }
            }
        }

        return array_values($sides);
    }

    /**
     * @param  array<string, Room>  $rooms  all of the plan
     * @param  list<Side>  $sides
     * @return array{array<string, Room>, Carry}
     *
     * @throws PlanRefused where a room would be turned inside out
     */
    public static function of(array $rooms, array $sides, float $dx, float $dy): array
    {
        $edges = [];
        $carry = Carry::nothing();
        foreach ($sides as $side) {
            $edges[$side->room][] = $side->edge;
            $carry = $carry->with($side->room, $side->edge, $dx, $dy);
        }
        foreach ($edges as $key => $moving) {
            $room = $rooms[$key];
            $outline = self::outline($room, $moving, $dx, $dy);
            if (Shape::turn($outline) * Shape::turn($room->outline) <= 0 || self::hasTurned($room, $outline)) {
                throw PlanRefused::tooSmall($room);
            }
            $rooms[$key] = $room->withOutline($outline);
        }

        return [$rooms, $carry];
    }

    /**
     * @param  list<int>  $moving
     * @return list<array{float, float}>
     */
    private static function outline(Room $room, array $moving, float $dx, float $dy): array
    {
        $lines = [];
        foreach (Shape::edges($room->outline) as $edge => [$from, $to]) {
            $line = Line::through($from, $to);
            $lines[] = in_array($edge, $moving, true) ? $line->movedBy($dx, $dy) : $line;
        }
        $outline = [];
        $count = count($lines);
        foreach ($room->outline as $number => $corner) {
            $in = $lines[($number + $count - 1) % $count];
            $along = $lines[$number]->crossing($in);
            $outline[] = $along === null ? Shape::moved($corner, $dx, $dy) : $lines[$number]->at($along);
        }

        return $outline;
    }

    /** @param list<array{float, float}> $outline */
    private static function hasTurned(Room $room, array $outline): bool
    {
        $after = Shape::edges($outline);
        foreach (Shape::edges($room->outline) as $edge => [$from, $to]) {
            [$newFrom, $newTo] = $after[$edge];
            if (($to[0] - $from[0]) * ($newTo[0] - $newFrom[0]) + ($to[1] - $from[1]) * ($newTo[1] - $newFrom[1]) < 0) {
                return true;
            }
        }

        return false;
    }
}
