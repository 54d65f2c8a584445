<?php

declare(strict_types=1);

namespace Kavvel\Core\Mesh;

use Kavvel\Core\Protocol\RouteRule;
use Kavvel\Core\Radio\Margin;

/** Judges a network as a whole: paths, verdicts, single points, weak and uneven links, relays that can vanish. */
final readonly class MeshJudge
{
    private Routing $routing;

    private Dominators $anyPath;

    private Dominators $acceptedPath;

    private Dominators $thinPath;

    /** @var array<int, int> hops of the shortest accepted path, by node number */
    private array $acceptedHops;

    private function __construct(private Graph $graph, private float $acceptanceDb)
    {
        $this->routing = Routing::of($graph);
        $this->anyPath = Dominators::of($graph, RouteRule::EXISTS_DB, true);
        $this->acceptedPath = Dominators::of($graph, $acceptanceDb, false);
        $this->thinPath = Dominators::of($graph, Margin::THIN_DB, true);
        $this->acceptedHops = $this->shortestAccepted();
    }

    public static function judge(Graph $graph, float $acceptanceDb = Margin::ACCEPTED_DB): MeshReport
    {
        return (new self($graph, $acceptanceDb))->report();
    }

    private function report(): MeshReport
    {
        $nodes = [];
        $onPath = [];
        foreach ($this->graph->nodes as $number => $node) {
            if ($number === $this->graph->root) {
                continue;
            }
            $path = $this->routing->path($number);
            $nodes[] = $this->judgement($number, $node, $path);
            foreach (array_slice($path, 1, -1) as $relay) {
                $onPath[$relay][] = $number;
            }
        }

        return new MeshReport(
            $nodes,
            $this->singlePoints($onPath),
            $this->weakLinks(),
            $this->sorted(array_filter($this->graph->links, static fn (Link $link): bool => $link->isAsymmetric())),
            $this->removableInUse($onPath),
            $this->notes($nodes),
            $this->oneWayRouters($nodes),
        );
    }

    /** @param list<int> $path */
    private function judgement(int $number, Node $node, array $path): NodeJudgement
    {
        $route = $this->routing->routes[$number] ?? null;
        $limit = $this->graph->rule->mostHops();
        $tooFar = $limit !== null && ($this->acceptedHops[$number] ?? 0) > $limit;
        $accepted = $tooFar ? 0 : $this->acceptedPath->disjointPaths($number);

        return new NodeJudgement(
            $node->id,
            array_map(fn (int $step): string => $this->graph->nodes[$step]->id, $path),
            $route?->hops,
            $route?->cost,
            $route?->weakestDb,
            $this->anyPath->disjointPaths($number),
            $accepted,
            $this->possibleParents($number),
            match (true) {
                $accepted >= 1 => Verdict::Accepted,
                $this->thinPath->reaches($number) => Verdict::Thin,
                default => Verdict::Lost,
            },
        );
    }

    /** @return list<string> */
    private function possibleParents(int $number): array
    {
        $parents = [];
        foreach ($this->graph->neighbours[$number] as [$other, $margin]) {
            if ($margin >= $this->acceptanceDb && $this->graph->nodes[$other]->relays() && isset($this->routing->routes[$other])) {
                $parents[] = $other;
            }
        }
        sort($parents);

        return array_map(fn (int $parent): string => $this->graph->nodes[$parent]->id, $parents);
    }

    /**
     * @param  array<int, list<int>>  $onPath  per relay: whose chosen path leads over it
     * @return list<SinglePoint>
     */
    private function singlePoints(array $onPath): array
    {
        ksort($onPath);
        $points = [];
        foreach ($onPath as $relay => $below) {
            $stranded = $this->graph->rule->pathCostLimit() === null
                ? $this->anyPath->strandedWithout($relay)
                : $this->routing->strandedWithout($relay, $below);
            sort($stranded);
            if ($stranded !== []) {
                $points[] = new SinglePoint(
                    $this->graph->nodes[$relay]->id,
                    array_map(fn (int $node): string => $this->graph->nodes[$node]->id, $stranded),
                );
            }
        }

        return $points;
    }

    /** @return list<Link> links under acceptance that lie on a chosen path */
    private function weakLinks(): array
    {
        $used = [];
        foreach ($this->routing->routes as $number => $route) {
            $used["{$this->graph->nodes[$number]->id}\n{$this->graph->nodes[$route->next]->id}"] = true;
        }

        return $this->sorted(array_filter(
            $this->graph->links,
            fn (Link $link): bool => $link->worseDb() < $this->acceptanceDb
                && (isset($used["{$link->a}\n{$link->b}"]) || isset($used["{$link->b}\n{$link->a}"])),
        ));
    }

    /**
     * @param  array<int, list<int>>  $onPath
     * @return list<string>
     */
    private function removableInUse(array $onPath): array
    {
        ksort($onPath);
        $removable = array_filter(array_keys($onPath), fn (int $relay): bool => $this->graph->nodes[$relay]->removable);

        return array_values(array_map(fn (int $relay): string => $this->graph->nodes[$relay]->id, $removable));
    }

    /**
     * @param  list<NodeJudgement>  $nodes
     * @return list<string>
     */
    private function oneWayRouters(array $nodes): array
    {
        $routers = [];
        foreach ($this->graph->nodes as $node) {
            if ($node->role === Role::Router) {
                $routers["id {$node->id}"] = true;
            }
        }
        $oneWay = array_filter(
            $nodes,
            static fn (NodeJudgement $node): bool => $node->acceptedPaths === 1 && isset($routers["id {$node->id}"]),
        );

        return array_values(array_map(static fn (NodeJudgement $node): string => $node->id, $oneWay));
    }

    /**
     * @param  list<NodeJudgement>  $nodes
     * @return list<string>
     */
    private function notes(array $nodes): array
    {
        $routers = count(array_filter($this->graph->nodes, static fn (Node $node): bool => $node->role === Role::Router));
        $notes = $this->graph->rule->sizeNotes(count($nodes), $routers);
        $farFrom = $this->graph->rule->unremarkableHops() ?? PHP_INT_MAX;
        foreach ($nodes as $node) {
            if ($node->hops > $farFrom) {
                $notes[] = "“{$node->id}” is {$node->hops} hops from the root.";
            }
        }

        return [...$notes, ...$this->overCapacity()];
    }

    /** @return list<string> */
    private function overCapacity(): array
    {
        $children = [];
        foreach ($this->routing->routes as $number => $route) {
            if ($this->graph->nodes[$number]->role === Role::End) {
                $children[$route->next] = ($children[$route->next] ?? 0) + 1;
            }
        }
        ksort($children);
        $notes = [];
        foreach ($children as $parent => $count) {
            $node = $this->graph->nodes[$parent];
            if ($count > $node->childCapacity()) {
                $notes[] = "“{$node->id}” has {$count} sleepy children and room for {$node->childCapacity()}.";
            }
        }

        return $notes;
    }

    /** @return array<int, int> */
    private function shortestAccepted(): array
    {
        $hops = [$this->graph->root => 0];
        $queue = [$this->graph->root];
        for ($at = 0; isset($queue[$at]); $at++) {
            $node = $queue[$at];
            if (! $this->graph->nodes[$node]->relays() || $this->graph->nodes[$node]->removable) {
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

    /**
     * @param  array<int, Link>  $links
     * @return list<Link>
     */
    private function sorted(array $links): array
    {
        usort($links, static fn (Link $x, Link $y): int => strcmp($x->a, $y->a) ?: strcmp($x->b, $y->b));

        return $links;
    }
}
