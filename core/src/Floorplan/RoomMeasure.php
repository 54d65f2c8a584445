<?php

declare(strict_types=1);

namespace Kavvel\Core\Floorplan;

/** What is clear between the walls of a room, in metres. */
final readonly class RoomMeasure
{
    /** No room of a house is longer, and none is narrower than a cupboard, in metres (assumption) */
    public const LONGEST_M = 60.0;

    public const NARROWEST_M = 0.3;

    /**
     * @param  float|null  $width  along x; null for a room that is no rectangle
     * @param  float  $area  in square metres
     */
    private function __construct(public ?float $width, public ?float $depth, public float $area) {}

    /** @param iterable<PlanWall> $walls of its storey */
    public static function of(Room $room, iterable $walls): self
    {
        $insets = self::insets($room, $walls);
        if (! $room->isRectangle()) {
            return new self(null, null, self::areaWithin($room, $insets));
        }
        [$left, $top, $right, $bottom] = $room->polygon()->bounds();
        $width = $right - $left;
        $depth = $bottom - $top;
        foreach (Shape::edges($room->outline) as $edge => [$from, $to]) {
            if (abs($from[0] - $to[0]) < abs($from[1] - $to[1])) {
                $width -= $insets[$edge];
            } else {
                $depth -= $insets[$edge];
            }
        }

        return new self(round($width, 2), round($depth, 2), round($width * $depth, 2));
    }

    public static function isOfARoom(float $width, float $depth): bool
    {
        return min($width, $depth) >= self::NARROWEST_M && max($width, $depth) <= self::LONGEST_M;
    }

    /**
     * How far the face of its wall lies inside each edge of the outline.
     *
     * @param  iterable<PlanWall>  $walls  of its storey
     * @return array<int, float>
     */
    public static function insets(Room $room, iterable $walls): array
    {
        $insets = array_fill(0, count($room->outline), 0.0);
        $footing = Footing::of(Stretches::of([$room]), $walls);
        foreach ($walls as $wall) {
            foreach ($footing->under($wall) as $stretch) {
                $side = $stretch->sides()[0];
                $outside = $stretch->line->offOf($wall->from) * $stretch->outward();
                $insets[$side->edge] = max($insets[$side->edge], $wall->thickness() / 2 - $outside);
            }
        }

        return $insets;
    }

    public function words(): string
    {
        return $this->width === null
            ? sprintf('%.1f m²', $this->area)
            : sprintf('%.2f × %.2f m', $this->width, $this->depth);
    }

    /** @param array<int, float> $insets */
    private static function areaWithin(Room $room, array $insets): float
    {
        $area = $room->polygon()->area();
        foreach (Shape::edges($room->outline) as $edge => [$from, $to]) {
            $area -= $insets[$edge] * hypot($to[0] - $from[0], $to[1] - $from[1]);
        }

        return round(max(0.0, $area), 1);
    }
}
