<?php

declare(strict_types=1);

namespace Kavvel\Core\Coverage;

use Kavvel\Core\Mesh\Graph;
use Kavvel\Core\Mesh\Link;
use Kavvel\Core\Mesh\Node;
use Kavvel\Core\Mesh\Role;
use Kavvel\Core\Mesh\Routing;
use Kavvel\Core\Mesh\Verdicts;
use Kavvel\Core\Protocol\Protocol;

/** Where a hub may stand: the whole network is forecast and judged for each place. */
final readonly class HubPlaces
{
    private const ROOT = "\0hub";

    /**
     * @param  list<Node>  $devices
     * @param  list<Link>  $links  between devices
     */
    private function __construct(
        private Protocol $protocol,
        private array $devices,
        private array $links,
        private float $acceptanceDb,
    ) {}

    /**
     * @param  list<RadioEnd>  $devices
     * @param  list<RadioEnd>  $places  the hub as it would stand there, keyed by place
     * @return list<HubPlace> best first
     */
    public static function ranked(Protocol $protocol, RadioPlan $plan, array $devices, array $places, float $acceptanceDb): array
    {
        $nodes = array_map(static fn (RadioEnd $device): Node => $device->asNode(), $devices);
        $network = new self($protocol, $nodes, $plan->linksAmong($devices), $acceptanceDb);
        $ranked = array_map(
            static fn (RadioEnd $place): HubPlace => $network->with($place->key, $plan->links(
                new RadioEnd(self::ROOT, $place->position, $place->radio, $place->mountingDb, Role::Root),
                $devices,
            )),
            $places,
        );
        usort($ranked, static fn (HubPlace $a, HubPlace $b): int => $a->compare($b));

        return $ranked;
    }

    /** @param list<Link> $links of the hub */
    private function with(string $place, array $links): HubPlace
    {
        $nodes = [new Node(self::ROOT, Role::Root), ...$this->devices];
        $graph = new Graph($this->protocol, $nodes, [...$links, ...$this->links], self::ROOT);
        $routing = Routing::of($graph);
        $verdicts = new Verdicts($graph, $routing, $this->acceptanceDb);
        $count = ['accepted' => 0, 'thin' => 0, 'lost' => 0];
        $weakest = [];
        $of = [];
        foreach (array_diff(array_keys($graph->nodes), [$graph->root]) as $node) {
            $verdict = $verdicts->on($node);
            $count[$verdict->value]++;
            $of[] = [$graph->nodes[$node]->id, $verdict];
            $weakest[] = $routing->routes[$node]->weakestDb ?? null;
        }
        $reached = array_filter($weakest, static fn (?float $margin): bool => $margin !== null);

        return new HubPlace(
            $place,
            $count['thin'] + $count['lost'],
            $count['lost'],
            $reached === [] ? null : array_sum($reached) / count($reached),
            $of,
        );
    }
}
