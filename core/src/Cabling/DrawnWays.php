<?php

declare(strict_types=1);

namespace Kavvel\Core\Cabling;

use Kavvel\Core\Floorplan\Duct;
use Kavvel\Core\Floorplan\Plan;
use Kavvel\Core\Site\Vec3;
use SplPriorityQueue;

/**
 * The shortest way of a cable: straight through ducts and risers, and between them along the walls of a storey. From storey to
 * storey it takes a riser, where one is drawn.
 */
final readonly class DrawnWays
{
    private const NEAR_M = 1e-9;

    /** Outside every room a duct is reached along the duct alone */
    private const NOWHERE = '';

    /**
     * @param  list<array{Vec3, string}>  $places  corners of the ducts, each on its storey
     * @param  list<list<array{int, float}>>  $ducts  by place: the next along the duct, and how far
     */
    private function __construct(private array $places, private array $ducts) {}

    public static function of(Plan $plan): self
    {
        $places = $ducts = [];
        foreach ($plan->ducts as $duct) {
            self::along($duct, $plan, $places, $ducts);
        }

        return new self($places, $ducts);
    }

    /**
     * @param  string  $storey  that it begins on
     * @param  string  $toStorey  that it ends on
     * @return list<Vec3>|null places between the two; null: no duct is on the way
     */
    public function route(Vec3 $from, string $storey, Vec3 $to, string $toStorey): ?array
    {
        $ends = [count($this->places) => [$from, $storey], count($this->places) + 1 => [$to, $toStorey]];
        $places = $this->places + $ends;
        $path = $this->shortest($places, count($this->places), count($this->places) + 1);
        if ($path === null || count($path) === 2) {
            return null;
        }
        $route = [];
        foreach ($path as $step => $number) {
            $place = $places[$number][0];
            if ($step > 0 && ! $this->isDuct($path[$step - 1], $number)) {
                array_push($route, ...self::corners($places[$path[$step - 1]][0], $place));
            }
            $route[] = $place;
        }

        return array_slice($route, 1, -1);
    }

    /**
     * @param  list<array{Vec3, string}>  $places
     * @param  list<list<array{int, float}>>  $ducts
     */
    private static function along(Duct $duct, Plan $plan, array &$places, array &$ducts): void
    {
        $before = null;
        foreach ($duct->isRiser() ? self::doors($duct, $plan) : self::bends($duct, $plan) as $corner) {
            $number = count($places);
            $places[] = $corner;
            $ducts[] = [];
            if ($before !== null) {
                $metres = $places[$before][0]->distanceTo($corner[0]);
                $ducts[$before][] = [$number, $metres];
                $ducts[$number][] = [$before, $metres];
            }
            $before = $number;
        }
    }

    /** @return list<array{Vec3, string}> */
    private static function bends(Duct $duct, Plan $plan): array
    {
        return array_map(static function (array $corner) use ($plan): array {
            $place = new Vec3(...$corner);

            return [$place, self::storeyAt($plan, $place)];
        }, $duct->path);
    }

    /** @return list<array{Vec3, string}> where one gets into a riser: at the floor of every storey that it passes */
    private static function doors(Duct $duct, Plan $plan): array
    {
        [$x, $y] = $duct->path[0];
        [$low, $high] = [min($duct->path[0][2], $duct->path[1][2]), max($duct->path[0][2], $duct->path[1][2])];
        $doors = [];
        foreach ($plan->storeys as $storey) {
            $isPassed = $storey->elevation >= $low - self::NEAR_M && $storey->elevation < $high;
            if ($isPassed && $plan->roomAt($storey->key, $x, $y) !== null) {
                $doors[] = [new Vec3($x, $y, $storey->elevation), $storey->key];
            }
        }

        return $doors;
    }

    /**
     * @param  array<int, array{Vec3, string}>  $places
     * @return list<int>|null
     */
    private function shortest(array $places, int $start, int $end): ?array
    {
        $best = [$start => 0.0];
        $from = [];
        $queue = new SplPriorityQueue;
        $queue->insert($start, 0.0);
        while (! $queue->isEmpty()) {
            $at = (int) $queue->extract();
            if ($at === $end) {
                return self::back($from, $end);
            }
            foreach ($this->next($places, $at) as [$number, $metres]) {
                if ($best[$at] + $metres < ($best[$number] ?? INF) - self::NEAR_M) {
                    $best[$number] = $best[$at] + $metres;
                    $from[$number] = $at;
                    $queue->insert($number, -$best[$number]);
                }
            }
        }

        return null;
    }

    /**
     * @param  array<int, array{Vec3, string}>  $places
     * @return iterable<array{int, float}>
     */
    private function next(array $places, int $at): iterable
    {
        yield from $this->ducts[$at] ?? [];
        [$here, $storey] = $places[$at];
        foreach ($places as $number => [$place, $other]) {
            if ($number !== $at && $storey === $other && $storey !== self::NOWHERE) {
                $way = $place->minus($here);
                yield [$number, abs($way->x) + abs($way->y) + abs($way->z)];
            }
        }
    }

    /**
     * @param  array<int, int>  $from
     * @return list<int>
     */
    private static function back(array $from, int $end): array
    {
        $path = [$end];
        while (isset($from[$path[0]])) {
            array_unshift($path, $from[$path[0]]);
        }

        return $path;
    }

    private function isDuct(int $a, int $b): bool
    {
        return in_array($b, array_column($this->ducts[$a] ?? [], 0), true);
    }

    /** @return list<Vec3> where it turns, along the walls and then up or down */
    private static function corners(Vec3 $from, Vec3 $to): array
    {
        return [new Vec3($to->x, $from->y, $from->z), new Vec3($to->x, $to->y, $from->z)];
    }

    /** The storey that it stands on or hangs in: the highest whose floor is not above it. */
    private static function storeyAt(Plan $plan, Vec3 $place): string
    {
        foreach ($plan->storeys as $storey) {
            if ($storey->elevation <= $place->z + self::NEAR_M && $plan->roomAt($storey->key, $place->x, $place->y) !== null) {
                return $storey->key;
            }
        }

        return self::NOWHERE;
    }
}
