<?php

declare(strict_types=1);

namespace Kavvel\Core\Mesh;

/** What is worth a word about a network as a whole. */
final readonly class MeshNotes
{
    public function __construct(private Graph $graph, private Routing $routing) {}

    /**
     * @param  list<NodeJudgement>  $nodes
     * @return list<string>
     */
    public function of(array $nodes): array
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
}
