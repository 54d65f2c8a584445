<?php

declare(strict_types=1);

namespace Kavvel\Core\Coverage;

use Kavvel\Core\Mesh\Graph;
use Kavvel\Core\Mesh\Link;
use Kavvel\Core\Mesh\MeshJudge;
use Kavvel\Core\Mesh\MeshReport;
use Kavvel\Core\Mesh\Node;
use Kavvel\Core\Mesh\Role;
use Kavvel\Core\Mesh\Verdict;

/**
 * Tries one relay at every free place of a network. Measured links stay as they are; the relay's own links are
 * forecast. Each place is judged once, however many devices ask.
 */
final readonly class RelaySearch
{
    /** @param list<array{RadioEnd, MeshReport}> $tried */
    private function __construct(private array $tried, private MeshReport $now) {}

    /**
     * @param  list<RadioEnd>  $places  relays as they would be plugged in, keyed by place
     * @param  list<RadioEnd>  $members  ends of the network's nodes, the root among them
     */
    public static function over(array $places, array $members, Graph $graph, RadioPlan $plan, float $acceptanceDb): self
    {
        $tried = [];
        foreach ($places as $place) {
            $links = array_map(static fn (RadioEnd $member): Link => $plan->link($place, $member), $members);
            $tried[] = [$place, MeshJudge::judge($graph->with(new Node($place->key, Role::Router), $links), $acceptanceDb)];
        }

        return new self($tried, MeshJudge::judge($graph, $acceptanceDb));
    }

    /**
     * The nearest place to the device from which a relay makes it accepted.
     *
     * @return RelayAdvice|null null when no single relay is enough
     */
    public function for(RadioEnd $device): ?RelayAdvice
    {
        $best = null;
        foreach ($this->tried as [$place, $withIt]) {
            $distance = $place->position->distanceTo($device->position);
            $isNearer = $best === null || [$distance, $place->key] < [$best->distanceM, $best->place];
            if ($isNearer && $withIt->node($device->key)?->verdict === Verdict::Accepted) {
                $best = new RelayAdvice($place->key, $distance, $this->now, $withIt);
            }
        }

        return $best;
    }
}
