<?php

declare(strict_types=1);

namespace Kavvel\Core\Coverage;

use Kavvel\Core\Mesh\Graph;
use Kavvel\Core\Mesh\Role;
use Kavvel\Core\Mesh\Route;
use Kavvel\Core\Mesh\Routing;
use Kavvel\Core\Protocol\Protocol;
use Kavvel\Core\Protocol\RouteRule;

/** What a network would do for one more device: the link that it would have to the parent it would choose. */
final readonly class Prospect
{
    /** @param array<string, array{RadioEnd, int, Route}> $parents by key: with the number of the node; none where nothing relays */
    private function __construct(private Protocol $protocol, private RadioPlan $plan, private RadioEnd $root, private array $parents) {}

    /** @param list<RadioEnd> $devices of the network */
    public static function of(Protocol $protocol, RadioPlan $plan, RadioEnd $root, array $devices): self
    {
        if ($protocol->rules()->routes() === null) {
            return new self($protocol, $plan, $root, []);
        }
        $ends = [$root];
        foreach ($devices as $device) {
            if ($device->role === Role::Router) {
                $ends[] = $device;
            }
        }
        $graph = $plan->graph($protocol, $ends, $root->key);

        return new self($protocol, $plan, $root, self::parents($graph, array_column($ends, null, 'key')));
    }

    /** In dB, to the parent by the protocol's rule; straight to the hub where no path leads. */
    public function bestDb(RadioEnd $end): float
    {
        $rule = $this->protocol->rules()->routes();
        $toParent = $rule === null ? null : $this->parentDb($rule, $end);

        return $toParent ?? $this->plan->forecast($end, $this->root)->marginDb;
    }

    private function parentDb(RouteRule $rule, RadioEnd $end): ?float
    {
        $best = null;
        $margin = null;
        foreach ($this->plan->links($end, array_column(array_values($this->parents), 0)) as $link) {
            [, $number, $route] = $this->parents[$link->b];
            $cost = $rule->linkCost($link->worseDb());
            if ($cost === null || $route->cost + $cost > ($rule->pathCostLimit() ?? PHP_INT_MAX)) {
                continue;
            }
            $over = $route->over($number, $link->worseDb(), $cost);
            if ($over->isBetterThan($best)) {
                [$best, $margin] = [$over, $link->worseDb()];
            }
        }

        return $margin;
    }

    /**
     * @param  array<string, RadioEnd>  $ends  by key
     * @return array<string, array{RadioEnd, int, Route}>
     */
    private static function parents(Graph $graph, array $ends): array
    {
        $parents = [];
        foreach (Routing::of($graph)->routes as $number => $route) {
            $key = $graph->nodes[$number]->id;
            $parents[$key] = [$ends[$key], $number, $route];
        }

        return $parents;
    }
}
