<?php

declare(strict_types=1);

namespace Kavvel\Core\Drops;

use Kavvel\Core\Cabling\WiredPoint;
use Kavvel\Core\Floorplan\Shape;

/** Where on a wall of its room a point is, in metres. */
final readonly class WallSpot
{
    /** Farther from every wall than this it is on none: points are put down with a finger (assumption), in metres */
    private const ON_A_WALL_M = 0.6;

    /** What is before an opening lies this near to the face of its wall, in metres */
    private const NEAR_M = 0.12;

    /**
     * @param  float  $height  over the floor
     * @param  float  $ceiling  over the floor
     * @param  list<array{string, float}>  $edges  how far along the wall each is, the nearest first: corners, and sides of openings
     * @param  array{string, float, float}|null  $opening  over, under or around it: its kind, sill and head
     */
    private function __construct(
        public float $height,
        public float $ceiling,
        public array $edges,
        private ?array $opening,
    ) {}

    /** Null where it is on no wall. */
    public static function of(RoomWalls $walls, WiredPoint $point): ?self
    {
        $place = [$point->place->x, $point->place->y];
        [$edges, $insets] = [$walls->edges, $walls->insets];
        $away = [];
        foreach ($edges as $number => [$from, $to]) {
            $away[$number] = Shape::distance($place, $from, $to) - $insets[$number];
        }
        if ($away === [] || min($away) > self::ON_A_WALL_M) {
            return null;
        }
        $on = (int) array_search(min($away), $away, true);
        [$from, $to] = $edges[$on];
        $length = hypot($to[0] - $from[0], $to[1] - $from[1]);
        $along = static fn (array $at): float => (($at[0] - $from[0]) * ($to[0] - $from[0])
            + ($at[1] - $from[1]) * ($to[1] - $from[1])) / $length;
        $here = $along($place);
        $count = count($edges);
        $marks = [
            ['corner', $insets[($on + $count - 1) % $count] - $here],
            ['corner', $length - $insets[($on + 1) % $count] - $here],
        ];
        $over = null;
        foreach ($walls->openings as $one) {
            if (abs(Shape::distance($one->before(), $from, $to) - $insets[$on]) > self::NEAR_M) {
                continue;
            }
            $kind = $one->isWindow() ? 'window' : 'door';
            $middle = $along($one->before()) - $here;
            $half = $one->opening->width / 2;
            if (abs($middle) < $half) {
                $over = [$kind, $one->opening->sill, $one->opening->head];
            } else {
                $marks[] = [$kind, $middle > 0 ? $middle - $half : $middle + $half];
            }
        }

        usort($marks, static fn (array $a, array $b): int => abs($a[1]) <=> abs($b[1]));

        return new self($point->place->z - $walls->storey->elevation, $walls->ceiling(), $marks, $over);
    }

    /** The kind of opening over, under or around it; empty: there is none. */
    public function openingKind(): string
    {
        return $this->opening[0] ?? '';
    }

    /** Whether an opening stands between it and the ceiling. */
    public function isBlockedAbove(): bool
    {
        return $this->opening !== null && $this->height < $this->opening[1];
    }

    public function isBlockedBelow(): bool
    {
        return $this->opening !== null && $this->height >= $this->opening[2];
    }

    public function isInOpening(): bool
    {
        return $this->opening !== null && ! $this->isBlockedAbove() && ! $this->isBlockedBelow();
    }
}
