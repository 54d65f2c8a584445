<?php

declare(strict_types=1);

namespace Kavvel\Core\Mesh;

/** What of a network hangs by a thread: single points, thin and uneven links, relays that can vanish. */
final readonly class WeakPoints
{
    /** @var array<int, list<int>> per relay: whose chosen path leads over it */
    private array $onPath;

    public function __construct(
        private Graph $graph,
        private Routing $routing,
        private Dominators $anyPath,
        private float $acceptanceDb,
    ) {
        $onPath = [];
        foreach (array_keys($graph->nodes) as $number) {
            foreach (array_slice($routing->path($number), 1, -1) as $relay) {
                $onPath[$relay][] = $number;
            }
        }
        ksort($onPath);
        $this->onPath = $onPath;
    }

    /** @return list<SinglePoint> */
    public function singlePoints(): array
    {
        $points = [];
        foreach ($this->onPath as $relay => $below) {
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
    public function weakLinks(): array
    {
        $used = [];
        foreach ($this->routing->routes as $number => $route) {
            $used["{$number} {$route->next}"] = $used["{$route->next} {$number}"] = true;
        }
        $numbers = [];
        foreach ($this->graph->nodes as $number => $node) {
            $numbers["id {$node->id}"] = $number;
        }

        return $this->sorted(array_filter(
            $this->graph->links,
            fn (Link $link): bool => $link->worseDb() < $this->acceptanceDb
                && isset($used[$numbers["id {$link->a}"].' '.$numbers["id {$link->b}"]]),
        ));
    }

    /** @return list<Link> */
    public function asymmetricLinks(): array
    {
        return $this->sorted(array_filter($this->graph->links, static fn (Link $link): bool => $link->isAsymmetric()));
    }

    /** @return list<string> */
    public function removableInUse(): array
    {
        $removable = array_filter(array_keys($this->onPath), fn (int $relay): bool => $this->graph->nodes[$relay]->removable);

        return array_values(array_map(fn (int $relay): string => $this->graph->nodes[$relay]->id, $removable));
    }

    /**
     * @param  list<NodeJudgement>  $nodes
     * @return list<string>
     */
    public function oneWayRouters(array $nodes): array
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
     * @param  array<int, Link>  $links
     * @return list<Link>
     */
    private function sorted(array $links): array
    {
        usort($links, static fn (Link $x, Link $y): int => strcmp($x->a, $y->a) ?: strcmp($x->b, $y->b));

        return $links;
    }
}
