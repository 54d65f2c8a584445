<?php

declare(strict_types=1);

namespace Kavvel\Core\Floorplan;

/** The outlines of the rooms of one storey laid over one another: every line is cut where the rooms beside it change. */
final readonly class Stretches
{
    /** @param list<Stretch> $all */
    private function __construct(public array $all) {}

    /** @param iterable<Room> $rooms of one storey; those without walls are passed over */
    public static function of(iterable $rooms): self
    {
        $lines = [];
        $edges = [];
        foreach ($rooms as $room) {
            foreach ($room->kind->hasWalls() ? Shape::edges($room->outline) : [] as $number => [$from, $to]) {
                if (hypot($to[0] - $from[0], $to[1] - $from[1]) >= Shape::SAME_M) {
                    $line = Line::through($from, $to);
                    $at = self::find($line, $lines);
                    $lines[$at] ??= $line;
                    $edges[$at][] = self::edge($room, $number, $lines[$at], $from, $to);
                }
            }
        }
        $all = [];
        foreach ($lines as $at => $line) {
            $all = [...$all, ...self::cut($line, $edges[$at] ?? [])];
        }

        return new self($all);
    }

    /** @return list<Stretch> that have a room on one side only */
    public function outer(): array
    {
        return array_values(array_filter($this->all, static fn (Stretch $one): bool => ! $one->isInner()));
    }

    /** @param array<int, Line> $lines */
    private static function find(Line $line, array $lines): int
    {
        foreach ($lines as $at => $known) {
            if ($known->isSameAs($line)) {
                return $at;
            }
        }

        return count($lines);
    }

    /**
     * @param  array{float, float}  $from
     * @param  array{float, float}  $to
     * @return array{float, float, int, Side} where it begins and ends along the line, on which side of it the room lies, and which
     */
    private static function edge(Room $room, int $number, Line $line, array $from, array $to): array
    {
        $ends = [$line->along($from), $line->along($to)];
        // Walking with the turn of the outline, the room lies on the side that the normal points to.
        $side = ($ends[0] < $ends[1]) === (Shape::turn($room->outline) > 0) ? 1 : -1;

        return [min($ends), max($ends), $side, new Side($room->key, $number)];
    }

    /**
     * @param  list<array{float, float, int, Side}>  $edges
     * @return list<Stretch>
     */
    private static function cut(Line $line, array $edges): array
    {
        $bounds = [];
        foreach ($edges as [$from, $to]) {
            $bounds[] = $from;
            $bounds[] = $to;
        }
        sort($bounds);
        $stretches = [];
        for ($i = 1, $count = count($bounds); $i < $count; $i++) {
            [$from, $to] = [$bounds[$i - 1], $bounds[$i]];
            if ($to - $from < Shape::SAME_M) {
                continue;
            }
            $sides = self::sidesAt(($from + $to) / 2, $edges);
            if ($sides === []) {
                continue;
            }
            $last = $stretches === [] ? null : $stretches[count($stretches) - 1];
            if ($last !== null && abs($last->to - $from) < Shape::SAME_M && $last->minus === ($sides[-1] ?? null)
                && $last->plus === ($sides[1] ?? null)) {
                array_pop($stretches);
                $from = $last->from;
            }
            $stretches[] = new Stretch($line, $from, $to, $sides[-1] ?? null, $sides[1] ?? null);
        }

        return $stretches;
    }

    /**
     * @param  list<array{float, float, int, Side}>  $edges
     * @return array<int, Side> by the side they lie on
     */
    private static function sidesAt(float $place, array $edges): array
    {
        $sides = [];
        foreach ($edges as [$from, $to, $side, $whose]) {
            if ($from < $place && $to > $place) {
                $sides[$side] ??= $whose;
            }
        }

        return $sides;
    }
}
