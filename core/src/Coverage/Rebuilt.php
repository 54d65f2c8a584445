<?php

declare(strict_types=1);

namespace Kavvel\Core\Coverage;

use Kavvel\Core\Mesh\Graph;
use Kavvel\Core\Mesh\Link;
use Kavvel\Core\Mesh\Role;
use Kavvel\Core\Protocol\RouteRule;

/**
 * A network as it would be heard where the building is another: every measured link gains or loses what the walls between take less or
 * more, and what did not hear each other for a wall alone is forecast.
 */
final readonly class Rebuilt
{
    /** Less is no change */
    private const NOISE_DB = 0.05;

    /**
     * @param  array<array-key, RadioEnd>  $ends  of the nodes that the plan knows, by id
     */
    public static function heard(Graph $graph, array $ends, RadioPlan $before, RadioPlan $after): Graph
    {
        $links = [];
        $linked = [];
        foreach ($graph->links as $link) {
            [$a, $b] = [$ends[$link->a] ?? null, $ends[$link->b] ?? null];
            $linked["{$link->a}\n{$link->b}"] = $linked["{$link->b}\n{$link->a}"] = true;
            $gain = $a === null || $b === null ? 0.0 : $after->link($a, $b)->marginDb - $before->link($a, $b)->marginDb;
            $links[] = new Link($link->a, $link->b, $link->marginDb + $gain, $link->marginBackDb + $gain);
        }
        $known = array_values(array_intersect_key($ends, array_column($graph->nodes, 'id', 'id')));
        foreach ($known as $number => $a) {
            foreach (array_slice($known, $number + 1) as $b) {
                if (! isset($linked["{$a->key}\n{$b->key}"]) && ($a->role !== Role::End || $b->role !== Role::End)) {
                    $links = [...$links, ...self::opened($a, $b, $before, $after, $graph->rule)];
                }
            }
        }

        return $graph->withLinks($links);
    }

    /** @return list<Link> one, where the two would hear each other now, and by the plan did not before */
    private static function opened(RadioEnd $a, RadioEnd $b, RadioPlan $before, RadioPlan $after, RouteRule $rule): array
    {
        $link = $after->link($a, $b);
        $was = $before->link($a, $b);

        return $link->marginDb > $was->marginDb + self::NOISE_DB && $rule->linkCost($link->worseDb()) !== null ? [$link] : [];
    }
}
