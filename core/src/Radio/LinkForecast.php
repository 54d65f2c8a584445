<?php

declare(strict_types=1);

namespace Kavvel\Core\Radio;

/** A predicted link with everything it is made of, in dB and dBm, unrounded. */
final readonly class LinkForecast
{
    /** Over this a nearby door may carry the signal better than the straight line (assumption) */
    private const HEAVY_WALL_DB = 15.0;

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

    /** A ray that pays a heavy wall may go round through a door: then measure it. */
    public function crossesHeavyWall(): bool
    {
        foreach ($this->crossed as $loss) {
            if ($loss->crossing->kind === 'wall' && $loss->lossDb > self::HEAVY_WALL_DB) {
                return true;
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
