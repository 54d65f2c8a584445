<?php

declare(strict_types=1);

namespace Kavvel\Core\Site;

/**
 * What stands between two points. A wall is crossed where the line meets it strictly between the
 * line's own ends, at a height within the wall; through the joint of two walls it meets both.
 */
final readonly class Building
{
    private const NEAR = 1e-9;

    /**
     * @param  list<WallSegment>  $walls
     * @param  list<Floor>  $floors
     */
    public function __construct(public array $walls, public array $floors) {}

    /** @return list<Crossing> walls in their order, then floors in theirs */
    public function crossings(Vec3 $from, Vec3 $to): array
    {
        $ray = $to->minus($from);
        $length = $ray->length();
        if ($length < self::NEAR) {
            return [];
        }
        $crossings = [];
        foreach ($this->walls as $index => $wall) {
            $crossing = $this->throughWall($from, $ray, $length, $index, $wall);
            if ($crossing !== null) {
                $crossings[] = $crossing;
            }
        }
        foreach ($this->floors as $index => $floor) {
            $crossing = $this->throughFloor($from, $ray, $length, $index, $floor);
            if ($crossing !== null) {
                $crossings[] = $crossing;
            }
        }

        return $crossings;
    }

    /** Whether a door or gap of the same storey lies within this many metres of a place. */
    public function hasPassageNear(float $x, float $y, float $z, float $metres): bool
    {
        foreach ($this->walls as $wall) {
            $middleX = ($wall->from[0] + $wall->to[0]) / 2;
            $middleY = ($wall->from[1] + $wall->to[1]) / 2;
            if ($wall->isPassage() && $z >= $wall->bottom && $z <= $wall->top + 1 && hypot($x - $middleX, $y - $middleY) <= $metres) {
                return true;
            }
        }

        return false;
    }

    private function throughWall(Vec3 $from, Vec3 $ray, float $length, int $index, WallSegment $wall): ?Crossing
    {
        $wx = $wall->to[0] - $wall->from[0];
        $wy = $wall->to[1] - $wall->from[1];
        $wallLength = hypot($wx, $wy);
        $cross = $ray->x * $wy - $ray->y * $wx;
        if ($wallLength < self::NEAR || abs($cross) < self::NEAR * $length * $wallLength) {
            return null;
        }
        $dx = $wall->from[0] - $from->x;
        $dy = $wall->from[1] - $from->y;
        $share = ($dx * $wy - $dy * $wx) / $cross;
        $along = ($dx * $ray->y - $dy * $ray->x) / $cross;
        $height = $from->z + $share * $ray->z;
        $meets = $share > self::NEAR && $share < 1 - self::NEAR
            && $along >= -self::NEAR && $along <= 1 + self::NEAR
            && $height >= $wall->bottom - self::NEAR && $height <= $wall->top + self::NEAR;

        return $meets ? Crossing::ofWall($index, $share, abs($cross) / ($length * $wallLength), $wall) : null;
    }

    private function throughFloor(Vec3 $from, Vec3 $ray, float $length, int $index, Floor $floor): ?Crossing
    {
        if (abs($ray->z) < self::NEAR) {
            return null;
        }
        $share = ($floor->height - $from->z) / $ray->z;
        if ($share <= self::NEAR || $share >= 1 - self::NEAR) {
            return null;
        }
        $inside = (new Polygon($floor->outline))->contains($from->x + $share * $ray->x, $from->y + $share * $ray->y);

        return $inside ? Crossing::ofFloor($index, $share, abs($ray->z) / $length, $floor) : null;
    }
}
