<?php

declare(strict_types=1);

namespace Kavvel\Core\Radio;

use Kavvel\Core\Site\Building;
use Kavvel\Core\Site\Vec3;

/** A predicted link with everything it is made of, in dB and dBm, unrounded. */
final readonly class LinkForecast
{
    /** Over this a nearby door may carry the signal better than the straight line (assumption) */
    private const HEAVY_WALL_DB = 15.0;

    /** How near the door must be (assumption) */
    private const DOOR_NEAR_M = 3.0;

    /** @param list<CrossingLoss> $crossed */
    public function __construct(
        public float $distanceM,
        public float $freeSpaceDb,
        public float $clutterDb,
        public float $mountingDb,
        public float $rssiDbm,
        public float $marginDb,
        public array $crossed,
    ) {}

    public function word(): Margin
    {
        return Margin::of($this->marginDb);
    }

    public function wallsDb(): float
    {
        return $this->sum('wall');
    }

    public function floorsDb(): float
    {
        return $this->sum('floor');
    }

    /** A straight ray pays for a heavy wall although a door stands near: the truth is better, measure it. */
    public function isPessimistic(Building $building, Vec3 $from, Vec3 $to): bool
    {
        foreach ($this->crossed as $loss) {
            if ($loss->crossing->kind === 'wall' && $loss->lossDb > self::HEAVY_WALL_DB) {
                $share = $loss->crossing->share;
                $x = $from->x + ($to->x - $from->x) * $share;
                $y = $from->y + ($to->y - $from->y) * $share;
                $z = $from->z + ($to->z - $from->z) * $share;
                if ($building->hasPassageNear($x, $y, $z, self::DOOR_NEAR_M)) {
                    return true;
                }
            }
        }

        return false;
    }

    private function sum(string $kind): float
    {
        $sum = 0.0;
        foreach ($this->crossed as $loss) {
            $sum += $loss->crossing->kind === $kind ? $loss->lossDb : 0.0;
        }

        return $sum;
    }
}
