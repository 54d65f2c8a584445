<?php

declare(strict_types=1);

namespace Kavvel\Core\Mesh;

use Kavvel\Core\Radio\RadioEnd;
use Kavvel\Core\Radio\RadioPlan;

/**
 * Where one relay would make a thin or lost device accepted. Measured links stay as they are; the relay's own
 * links are forecast. The nearest place to the device that works is taken.
 */
final readonly class RelayAdvice
{
    private function __construct(public string $place, public float $distanceM, public MeshReport $now, public MeshReport $withIt) {}

    /**
     * @param  RadioEnd  $device  the device to be helped, at its place
     * @param  list<RadioEnd>  $places  relays as they would be plugged in, keyed by place
     * @param  list<RadioEnd>  $members  ends of the network's nodes, the root first
     * @return self|null null when no single relay is enough
     */
    public static function for(RadioEnd $device, array $places, array $members, Graph $graph, RadioPlan $plan, float $acceptanceDb): ?self
    {
        usort($places, static fn (RadioEnd $a, RadioEnd $b): int => $a->position->distanceTo($device->position) <=> $b->position->distanceTo($device->position) ?: strcmp($a->key, $b->key));
        $now = MeshJudge::judge($graph, $acceptanceDb);
        foreach ($places as $place) {
            $links = array_map(static fn (RadioEnd $member): Link => $plan->link($place, $member), $members);
            $withIt = MeshJudge::judge($graph->with(new Node($place->key, Role::Router), $links), $acceptanceDb);
            if ($withIt->node($device->key)?->verdict === Verdict::Accepted) {
                return new self($place->key, $place->position->distanceTo($device->position), $now, $withIt);
            }
        }

        return null;
    }

    /** @return list<string> nodes that are accepted with it and were not before */
    public function gains(): array
    {
        $gains = [];
        foreach ($this->withIt->with(Verdict::Accepted) as $node) {
            if ($node->id !== $this->place && $this->now->node($node->id)?->verdict !== Verdict::Accepted) {
                $gains[] = $node->id;
            }
        }

        return $gains;
    }
}
