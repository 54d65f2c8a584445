<?php

declare(strict_types=1);

namespace Kavvel\Core\Mesh;

/** Judges each device of a network: its path, the paths that stay when a relay goes, and the verdict. */
final readonly class NodeJudge
{
    private Dominators $acceptedPath;

    private Verdicts $verdicts;

    public function __construct(
        private Graph $graph,
        private Routing $routing,
        private Dominators $anyPath,
        private float $acceptanceDb,
    ) {
        $this->acceptedPath = Dominators::of($graph, $acceptanceDb, false);
        $this->verdicts = new Verdicts($graph, $routing, $acceptanceDb);
    }

    /** @return list<NodeJudgement> in the order of the graph, without the root */
    public function all(): array
    {
        $nodes = [];
        foreach ($this->graph->nodes as $number => $node) {
            if ($number !== $this->graph->root) {
                $nodes[] = $this->judgement($number, $node);
            }
        }

        return $nodes;
    }

    private function judgement(int $number, Node $node): NodeJudgement
    {
        $route = $this->routing->routes[$number] ?? null;

        return new NodeJudgement(
            $node->id,
            array_map(fn (int $step): string => $this->graph->nodes[$step]->id, $this->routing->path($number)),
            $route?->hops,
            $route?->cost,
            $route?->weakestDb,
            $this->anyPath->disjointPaths($number),
            $this->verdicts->hasAcceptedPath($number) ? $this->acceptedPath->disjointPaths($number) : 0,
            $this->possibleParents($number),
            $this->verdicts->on($number),
        );
    }

    /** @return list<string> neighbours that it could take instead: none whose own way to the root leads through it */
    private function possibleParents(int $number): array
    {
        $parents = [];
        foreach ($this->graph->neighbours[$number] as [$other, $margin]) {
            if ($margin >= $this->acceptanceDb && $this->graph->nodes[$other]->relays() && isset($this->routing->routes[$other])
                && ! $this->routing->leadsThrough($other, $number)) {
                $parents[] = $other;
            }
        }
        sort($parents);

        return array_map(fn (int $parent): string => $this->graph->nodes[$parent]->id, $parents);
    }
}
