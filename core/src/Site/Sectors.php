<?php

declare(strict_types=1);

namespace Kavvel\Core\Site;

/**
 * A building as it is seen from one place: for every direction only the walls that stand in it. What is asked of a sector
 * is what would be asked of the whole building; there is less of it.
 */
final class Sectors
{
    private const COUNT = 720;

    /** A wall that ends just beside a line still counts for it, in radians */
    private const WIDENED = 1e-6;

    /** @var array<int, list<WallSegment>> */
    private array $walls = [];

    /** @var array<int, Building> made when they are first asked for */
    private array $made = [];

    public function __construct(private readonly Building $building, private readonly Vec3 $from)
    {
        foreach ($building->walls as $wall) {
            foreach ($this->directions($wall) as $sector) {
                $this->walls[$sector][] = $wall;
            }
        }
    }

    /** What may stand on the way to a place. */
    public function towards(Vec3 $to): Building
    {
        $sector = self::sector(atan2($to->y - $this->from->y, $to->x - $this->from->x));

        return $this->made[$sector] ??= new Building($this->walls[$sector] ?? [], $this->building->floors);
    }

    /** @return list<int> */
    private function directions(WallSegment $wall): array
    {
        $first = atan2($wall->from[1] - $this->from->y, $wall->from[0] - $this->from->x);
        $last = atan2($wall->to[1] - $this->from->y, $wall->to[0] - $this->from->x);
        $turn = $last - $first;
        $turn -= 2 * M_PI * round($turn / (2 * M_PI));
        // It stands in front of the place, or so near that a hair decides on which side: then it is everywhere.
        if (abs($turn) > M_PI - self::WIDENED || $this->isAtAnEnd($wall)) {
            return range(0, self::COUNT - 1);
        }
        $from = min($first, $first + $turn) - self::WIDENED;
        $to = max($first, $first + $turn) + self::WIDENED;
        $sectors = [];
        for ($sector = (int) floor(self::turns($from)); $sector <= (int) floor(self::turns($to)); $sector++) {
            $sectors[] = ($sector + 2 * self::COUNT) % self::COUNT;
        }

        return $sectors;
    }

    private function isAtAnEnd(WallSegment $wall): bool
    {
        return min(
            hypot($wall->from[0] - $this->from->x, $wall->from[1] - $this->from->y),
            hypot($wall->to[0] - $this->from->x, $wall->to[1] - $this->from->y),
        ) < self::WIDENED;
    }

    private static function sector(float $angle): int
    {
        return ((int) floor(self::turns($angle)) + 2 * self::COUNT) % self::COUNT;
    }

    /** In sectors, not yet brought into one turn. */
    private static function turns(float $angle): float
    {
        return $angle / (2 * M_PI) * self::COUNT;
    }
}
