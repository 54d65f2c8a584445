<?php

declare(strict_types=1);

namespace Kavvel\Core\Floorplan;

/**
 * The outline of a storey's floor: all that its rooms cover, but for stairs and shafts. Parts that lie apart are joined by a
 * bridge of no width, so that one outline holds them all.
 */
final readonly class FloorOutline
{
    /**
     * @param  iterable<Room>  $rooms  of one storey
     * @return list<array{float, float}> empty where no room has a floor
     */
    public static function of(iterable $rooms): array
    {
        $floored = [];
        foreach ($rooms as $room) {
            if ($room->kind->hasFloor()) {
                $floored[$room->key] = $room;
            }
        }
        $loops = self::loops(Stretches::of($floored)->outer());
        $outline = array_shift($loops) ?? [];
        foreach ($loops as $loop) {
            $outline = [...$outline, $outline[0], ...$loop, $loop[0]];
        }

        return $outline;
    }

    /**
     * @param  list<Stretch>  $outer
     * @return list<list<array{float, float}>>
     */
    private static function loops(array $outer): array
    {
        $next = [];
        $corners = [];
        foreach ($outer as $stretch) {
            $ends = [$stretch->line->at($stretch->from), $stretch->line->at($stretch->to)];
            // With the floor always on one hand, each corner leads to the next.
            [$from, $to] = $stretch->plus !== null ? $ends : array_reverse($ends);
            $corners[self::name($from)] = $from;
            $next[self::name($from)][] = self::name($to);
        }
        $loops = [];
        while ($next !== []) {
            $at = (string) array_key_first($next);
            $loop = [];
            while (isset($next[$at])) {
                $loop[] = $corners[$at];
                $to = array_pop($next[$at]);
                $next = array_filter($next);
                $at = (string) $to;
            }
            $loop = Shape::tidy($loop);
            if (count($loop) > 2) {
                $loops[] = $loop;
            }
        }

        return $loops;
    }

    /** @param array{float, float} $corner */
    private static function name(array $corner): string
    {
        return sprintf('%.2f %.2f', $corner[0] + 0.0, $corner[1] + 0.0);
    }
}
