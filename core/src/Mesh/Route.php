<?php

declare(strict_types=1);

namespace Kavvel\Core\Mesh;

/**
 * What is known of the best path from one node to the root. Better means: lower cost, then fewer hops,
 * then the larger weakest margin, then the smaller next hop (nodes are numbered in order of id).
 */
final readonly class Route
{
    public function __construct(public int $cost, public int $hops, public float $weakestDb, public int $next) {}

    public static function atRoot(int $root): self
    {
        return new self(0, 0, INF, $root);
    }

    public function over(int $node, float $marginDb, int $linkCost): self
    {
        return new self($this->cost + $linkCost, $this->hops + 1, min($this->weakestDb, $marginDb), $node);
    }

    public function isBetterThan(?self $other): bool
    {
        return $other === null || $this->compare($other) < 0;
    }

    /** Negative when this one is better. */
    public function compare(self $other): int
    {
        return $this->cost <=> $other->cost
            ?: $this->hops <=> $other->hops
            ?: $other->weakestDb <=> $this->weakestDb
            ?: $this->next <=> $other->next;
    }
}
