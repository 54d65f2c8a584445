<?php

declare(strict_types=1);

namespace Kavvel\Core\Mesh;

/**
 * Which relays stand on every path between a node and the root: the dominator tree of the network seen from
 * the root. Margins and removable relays can be left out, so that the same tree answers for accepted paths.
 */
final readonly class Dominators
{
    /**
     * @param  array<int, int>  $parent  immediate dominator by node number
     * @param  list<int>  $walk  the tree, each node before what hangs below it
     * @param  array<int, array{int, int}>  $span  where a node and the last of those below it stand in the walk
     */
    private function __construct(
        private Graph $graph,
        private float $leastDb,
        private bool $overRemovable,
        private array $parent,
        private array $walk,
        private array $span,
    ) {}

    /** @param bool $overRemovable whether relays that can vanish may stand on a path */
    public static function of(Graph $graph, float $leastDb, bool $overRemovable): self
    {
        [$order, $parent] = (new DominatorTree($graph, $leastDb, $overRemovable))->grow();
        [$walk, $span] = self::walk($order, $parent, $graph->root);

        return new self($graph, $leastDb, $overRemovable, $parent, $walk, $span);
    }

    public function reaches(int $node): bool
    {
        return isset($this->parent[$node]);
    }

    /** 0, 1 or 2 (two or more) vertex-disjoint paths to the root; the direct link counts as one. */
    public function disjointPaths(int $node): int
    {
        if (! $this->reaches($node)) {
            return 0;
        }
        if ($this->parent[$node] !== $this->graph->root) {
            return 1;
        }

        return $this->hasDirectLink($node) && ! $this->hasWayAround($node) ? 1 : 2;
    }

    /** @return list<int> the nodes that have no path without this one */
    public function strandedWithout(int $router): array
    {
        if (! $this->reaches($router)) {
            return [];
        }

        [$first, $last] = $this->span[$router];

        return array_slice($this->walk, $first + 1, $last - $first);
    }

    private function hasDirectLink(int $node): bool
    {
        foreach ($this->graph->neighbours[$node] as [$other, $margin]) {
            if ($other === $this->graph->root && $margin >= $this->leastDb) {
                return true;
            }
        }

        return false;
    }

    /** A relay next to the node that reaches the root without it. */
    private function hasWayAround(int $node): bool
    {
        foreach ($this->graph->neighbours[$node] as [$other, $margin]) {
            if ($other !== $this->graph->root && $margin >= $this->leastDb && $this->reaches($other)
                && $this->graph->carries($other, $this->overRemovable) && ! $this->dominates($node, $other)) {
                return true;
            }
        }

        return false;
    }

    private function dominates(int $upper, int $lower): bool
    {
        return $this->span[$upper][0] <= $this->span[$lower][0] && $this->span[$lower][0] <= $this->span[$upper][1];
    }

    /**
     * @param  list<int>  $order
     * @param  array<int, int>  $parent
     * @return array{list<int>, array<int, array{int, int}>}
     */
    private static function walk(array $order, array $parent, int $root): array
    {
        $children = [];
        foreach ($order as $node) {
            if ($node !== $root) {
                $children[$parent[$node]][] = $node;
            }
        }
        $walk = [];
        $first = [];
        $span = [];
        $stack = [[$root, false]];
        while ($stack !== []) {
            [$node, $leaving] = array_pop($stack);
            if ($leaving) {
                $span[$node] = [$first[$node], count($walk) - 1];

                continue;
            }
            $first[$node] = count($walk);
            $walk[] = $node;
            $stack[] = [$node, true];
            foreach ($children[$node] ?? [] as $child) {
                $stack[] = [$child, false];
            }
        }

        return [$walk, $span];
    }
}
