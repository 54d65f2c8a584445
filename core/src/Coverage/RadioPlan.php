<?php

declare(strict_types=1);

namespace Kavvel\Core\Coverage;

use Kavvel\Core\Mesh\Graph;
use Kavvel\Core\Mesh\Link;
use Kavvel\Core\Mesh\Role;
use Kavvel\Core\Protocol\Protocol;
use Kavvel\Core\Radio\Clutter;
use Kavvel\Core\Radio\LinkBudget;
use Kavvel\Core\Radio\LinkForecast;
use Kavvel\Core\Site\Building;

/** Links that a building lets its radios have: every one is the straight line between two ends. */
final readonly class RadioPlan
{
    private LinkBudget $budget;

    public function __construct(Building $building, Clutter $clutter)
    {
        $this->budget = new LinkBudget($building, $clutter);
    }

    public function forecast(RadioEnd $from, RadioEnd $to): LinkForecast
    {
        return $this->budget->forecast($from->position, $to->position, $from->radio, $to->radio, $from->mountingDb + $to->mountingDb);
    }

    /** Both directions pass the same walls; they differ by transmit power and sensitivity. */
    public function link(RadioEnd $a, RadioEnd $b): Link
    {
        $there = $this->forecast($a, $b);
        $back = $there->marginDb
            + ($b->radio->txDbm - $a->radio->txDbm)
            + ($b->radio->sensitivityDbm - $a->radio->sensitivityDbm);

        return new Link($a->key, $b->key, $there->marginDb, $back);
    }

    /**
     * Every link that one of these could have with another of its band, where at least one of the two relays.
     *
     * @param  list<RadioEnd>  $ends
     */
    public function graph(Protocol $protocol, array $ends, string $root): Graph
    {
        $links = [];
        foreach ($ends as $i => $a) {
            foreach (array_slice($ends, $i + 1) as $b) {
                if (($a->role !== Role::End || $b->role !== Role::End) && $a->radio->hears($b->radio)) {
                    $links[] = $this->link($a, $b);
                }
            }
        }

        return new Graph($protocol, array_map(static fn (RadioEnd $end) => $end->asNode(), $ends), $links, $root);
    }
}
