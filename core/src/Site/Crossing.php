<?php

declare(strict_types=1);

namespace Kavvel\Core\Site;

/** One wall or floor that a straight line passes, and the cosine of its angle to the normal. */
final readonly class Crossing
{
    private function __construct(
        public string $kind,
        public int $index,
        public float $share,
        public float $cosine,
        public WallSegment|Floor $part,
    ) {}

    public static function ofWall(int $index, float $share, float $cosine, WallSegment $wall): self
    {
        return new self('wall', $index, $share, $cosine, $wall);
    }

    public static function ofFloor(int $index, float $share, float $cosine, Floor $floor): self
    {
        return new self('floor', $index, $share, $cosine, $floor);
    }
}
