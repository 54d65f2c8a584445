<?php

declare(strict_types=1);

namespace Kavvel\Core\Mesh;

use Kavvel\Core\Radio\Margin;

/** Judges each device of a network: its path, the paths that stay when a relay goes, and the verdict. */
final readonly class NodeJudge
{
    private Dominators $acceptedPath;

    private Dominators $thinPath;

    /** @var array<int, int> hops of the shortest accepted path, by node number */
    private array $acceptedHops;

    public function __construct(
        private Graph $graph,
        private Routing $routing,
        private Dominators $anyPath,
        private float $acceptanceDb,
    ) {
        $this->acceptedPath = Dominators::of($graph, $acceptanceDb, false);
        $this->thinPath = Dominators::of($graph, Margin::THIN_DB, true);
        $this->acceptedHops = $this->shortestAccepted();
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
        $limit = $this->graph->rule->mostHops();
        $tooFar = $limit !== null && ($this->acceptedHops[$number] ?? 0) > $limit;
        $accepted = $tooFar ? 0 : $this->acceptedPath->disjointPaths($number);

        return new NodeJudgement(
            $node->id,
            array_map(fn (int $step): string => $this->graph->nodes[$step]->id, $this->routing->path($number)),
            $route?->hops,
            $route?->cost,
            $route?->weakestDb,
            $this->anyPath->disjointPaths($number),
            $accepted,
            $this->possibleParents($number),
            match (true) {
                $route === null => Verdict::Lost,
                $accepted >= 1 => Verdict::Accepted,
                $this->thinPath->reaches($number) => Verdict::Thin,
                default => Verdict::Lost,
            },
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

    /** @return array<int, int> */
    private function shortestAccepted(): array
    {
        $hops = [$this->graph->root => 0];
        $queue = [$this->graph->root];
        for ($at = 0; isset($queue[$at]); $at++) {
            $node = $queue[$at];
            if (! $this->graph->carries($node, false)) {
                continue;
            }
            foreach ($this->graph->neighbours[$node] as [$other, $margin]) {
                if ($margin >= $this->acceptanceDb && ! isset($hops[$other])) {
                    $hops[$other] = $hops[$node] + 1;
                    $queue[] = $other;
                }
            }
        }

        return $hops;
    }
}
