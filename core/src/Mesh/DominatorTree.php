<?php

declare(strict_types=1);

namespace Kavvel\Core\Mesh;

/**
 * Grows the dominator tree of a network from its root, in near-linear time: semidominators by path compression, then
 * nearest common ancestors (Georgiadis, "Linear-Time Algorithms for Dominators and Related Problems": semi-NCA). All
 * steps count nodes by their place in one depth-first walk.
 */
final class DominatorTree
{
    /** @var list<int> nodes in the order of the walk */
    private array $nodes = [];

    /** @var array<int, int> place in the walk, by node */
    private array $place = [];

    /** @var list<int> from where each was reached */
    private array $from = [];

    /** @var array<int, int> the same, shortened as paths are compressed */
    private array $ancestor = [];

    /** @var array<int, int> */
    private array $semi = [];

    /** @var array<int, int> the one with the least semidominator on the compressed path */
    private array $label = [];

    /** @param bool $overRemovable whether relays that can vanish may stand on a path */
    public function __construct(
        private readonly Graph $graph,
        private readonly float $leastDb,
        private readonly bool $overRemovable,
    ) {}

    /** @return array{list<int>, array<int, int>} nodes in an order in which each comes after its dominator; the dominator of each */
    public function grow(): array
    {
        $this->walk();
        $count = count($this->nodes);
        $this->ancestor = $this->from;
        $this->semi = $this->label = range(0, $count - 1);
        for ($at = $count - 1; $at > 0; $at--) {
            $this->semi[$at] = $this->from[$at];
            foreach ($this->graph->neighbours[$this->nodes[$at]] as [$other, $margin]) {
                if ($margin >= $this->leastDb && isset($this->place[$other]) && $this->graph->carries($other, $this->overRemovable)) {
                    $this->semi[$at] = min($this->semi[$at], $this->semi[$this->least($this->place[$other], $at + 1)]);
                }
            }
        }
        $dominator = $this->from;
        $byNode = [$this->graph->root => $this->graph->root];
        for ($at = 1; $at < $count; $at++) {
            while ($dominator[$at] > $this->semi[$at]) {
                $dominator[$at] = $dominator[$dominator[$at]];
            }
            $byNode[$this->nodes[$at]] = $this->nodes[$dominator[$at]];
        }

        return [$this->nodes, $byNode];
    }

    private function walk(): void
    {
        $stack = [[$this->graph->root, 0]];
        while ($stack !== []) {
            [$node, $from] = array_pop($stack);
            if (isset($this->place[$node])) {
                continue;
            }
            $at = count($this->nodes);
            $this->place[$node] = $at;
            $this->nodes[] = $node;
            $this->from[] = $from;
            if ($this->graph->carries($node, $this->overRemovable)) {
                foreach ($this->graph->neighbours[$node] as [$other, $margin]) {
                    if ($margin >= $this->leastDb && ! isset($this->place[$other])) {
                        $stack[] = [$other, $at];
                    }
                }
            }
        }
    }

    /** The least semidominator on the way up, among those that have been looked at: from this place on. */
    private function least(int $at, int $lookedAt): int
    {
        if ($at < $lookedAt || $this->ancestor[$at] < $lookedAt) {
            return $this->label[$at];
        }
        $path = [];
        for ($one = $at; $this->ancestor[$one] >= $lookedAt; $one = $this->ancestor[$one]) {
            $path[] = $one;
        }
        $top = $one;
        while ($path !== []) {
            $one = array_pop($path);
            $this->ancestor[$one] = $this->ancestor[$top];
            if ($this->semi[$this->label[$top]] < $this->semi[$this->label[$one]]) {
                $this->label[$one] = $this->label[$top];
            }
            $top = $one;
        }

        return $this->label[$at];
    }
}
