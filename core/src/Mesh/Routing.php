<?php

declare(strict_types=1);

namespace Kavvel\Core\Mesh;

/** The best path of every node to the root, by the protocol's own rule. */
final readonly class Routing
{
    /**
     * @param  array<int, Route>  $routes  by node number; a node without a path is missing
     * @param  array<int, array{int, int}>  $span  where each node, and the last of those whose path leads through it, stand in
     *                                             a walk down the chosen paths
     */
    private function __construct(private Graph $graph, public array $routes, private array $span) {}

    /** @param array<int, true> $without nodes that are not there */
    public static function of(Graph $graph, array $without = []): self
    {
        $queue = new RouteQueue;
        $queue->insert([Route::atRoot($graph->root), $graph->root]);

        $routes = self::settle($graph, $queue, $without, null);

        return new self($graph, $routes, self::walk($graph->root, $routes));
    }

    /** Of all chosen paths together. */
    public function steps(): int
    {
        return array_sum(array_map(static fn (Route $route): int => $route->hops + 1, $this->routes));
    }

    /** Whether the chosen path of the one leads through the other. */
    public function leadsThrough(int $node, int $other): bool
    {
        return isset($this->span[$node], $this->span[$other]) && $this->span[$other][0] <= $this->span[$node][0]
            && $this->span[$node][0] <= $this->span[$other][1];
    }

    /** @return list<int> the node itself … the root; empty when there is no path */
    public function path(int $node): array
    {
        if (! isset($this->routes[$node])) {
            return [];
        }
        $path = [$node];
        while ($node !== $this->graph->root) {
            $node = $this->routes[$node]->next;
            $path[] = $node;
        }

        return $path;
    }

    /**
     * Who loses every path when this router goes. Only what hung below it can change, so only that is
     * computed anew, from the neighbours that keep their path.
     *
     * @param  list<int>  $below  nodes whose chosen path leads through the router
     * @return list<int>
     */
    public function strandedWithout(int $router, array $below): array
    {
        $open = array_fill_keys($below, true);
        $queue = new RouteQueue;
        foreach ($below as $node) {
            foreach ($this->graph->neighbours[$node] as [$other, $margin]) {
                if ($other === $router || isset($open[$other]) || ! isset($this->routes[$other])
                    || ! $this->graph->nodes[$other]->relays()) {
                    continue;
                }
                $cost = $this->graph->rule->linkCost($margin);
                if ($cost !== null && self::isWithin($this->graph, $this->routes[$other]->cost + $cost)) {
                    $queue->insert([$this->routes[$other]->over($other, $margin, $cost), $node]);
                }
            }
        }
        $kept = self::settle($this->graph, $queue, [$router => true], $open);

        return array_values(array_filter($below, static fn (int $node): bool => ! isset($kept[$node])));
    }

    /**
     * Dijkstra with a composite key.
     *
     * @param  array<int, true>  $without  nodes that are not there
     * @param  array<int, true>|null  $only  nodes that may be settled; null: all
     * @return array<int, Route>
     */
    private static function settle(Graph $graph, RouteQueue $queue, array $without, ?array $only): array
    {
        $settled = [];
        $best = [];
        while (! $queue->isEmpty()) {
            [$route, $node] = $queue->extract();
            if (isset($settled[$node])) {
                continue;
            }
            $settled[$node] = $route;
            if (! $graph->nodes[$node]->relays()) {
                continue;
            }
            foreach ($graph->neighbours[$node] as [$other, $margin]) {
                if (isset($without[$other]) || isset($settled[$other]) || ($only !== null && ! isset($only[$other]))) {
                    continue;
                }
                $cost = $graph->rule->linkCost($margin);
                if ($cost === null || ! self::isWithin($graph, $route->cost + $cost)) {
                    continue;
                }
                $next = $route->over($node, $margin, $cost);
                if ($next->isBetterThan($best[$other] ?? null)) {
                    $best[$other] = $next;
                    $queue->insert([$next, $other]);
                }
            }
        }

        return $settled;
    }

    private static function isWithin(Graph $graph, int $cost): bool
    {
        $limit = $graph->rule->pathCostLimit();

        return $limit === null || $cost <= $limit;
    }

    /**
     * @param  array<int, Route>  $routes
     * @return array<int, array{int, int}>
     */
    private static function walk(int $root, array $routes): array
    {
        $below = [];
        foreach ($routes as $node => $route) {
            if ($node !== $root) {
                $below[$route->next][] = $node;
            }
        }
        $first = [];
        $span = [];
        $stack = [[$root, false]];
        while ($stack !== []) {
            [$node, $isLeaving] = array_pop($stack);
            if ($isLeaving) {
                $span[$node] = [$first[$node], count($first) - 1];

                continue;
            }
            $first[$node] = count($first);
            $stack[] = [$node, true];
            foreach ($below[$node] ?? [] as $one) {
                $stack[] = [$one, false];
            }
        }

        return $span;
    }
}
