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
use Kavvel\Core\Site\Sectors;

/** Links that a building lets its radios have: every one is the straight line between two ends. */
final readonly class RadioPlan
{
    public function __construct(private Building $building, private Clutter $clutter) {}

    public function forecast(RadioEnd $from, RadioEnd $to): LinkForecast
    {
        return $this->through($this->building, $from, $to);
    }

    public function link(RadioEnd $a, RadioEnd $b): Link
    {
        return $this->bothWays($a, $b, $this->building);
    }

    /**
     * The links that one could have with many others of its band, where at least one of the two relays. Only the walls that
     * stand in each one's direction are looked at.
     *
     * @param  list<RadioEnd>  $others
     * @return list<Link>
     */
    public function links(RadioEnd $from, array $others): array
    {
        $sectors = new Sectors($this->building, $from->position);
        $links = [];
        foreach ($others as $other) {
            if (($from->role !== Role::End || $other->role !== Role::End) && $from->radio->hears($other->radio)) {
                $links[] = $this->bothWays($from, $other, $sectors->towards($other->position));
            }
        }

        return $links;
    }

    /**
     * Every link that one of these could have with another.
     *
     * @param  list<RadioEnd>  $ends
     * @return list<Link>
     */
    public function linksAmong(array $ends): array
    {
        $links = [];
        foreach ($ends as $number => $end) {
            array_push($links, ...$this->links($end, array_slice($ends, $number + 1)));
        }

        return $links;
    }

    /** @param list<RadioEnd> $ends */
    public function graph(Protocol $protocol, array $ends, string $root): Graph
    {
        $nodes = array_map(static fn (RadioEnd $end) => $end->asNode(), $ends);

        return new Graph($protocol, $nodes, $this->linksAmong($ends), $root);
    }

    private function through(Building $building, RadioEnd $from, RadioEnd $to): LinkForecast
    {
        $mountingDb = $from->mountingDb + $to->mountingDb;

        return (new LinkBudget($building, $this->clutter))->forecast($from->position, $to->position, $from->radio, $to->radio, $mountingDb);
    }

    /** The forecast there says what it is back: both pass the same walls, and differ by transmit power and sensitivity. */
    public static function bothWaysOf(RadioEnd $a, RadioEnd $b, LinkForecast $there): Link
    {
        $back = $there->marginDb
            + ($b->radio->txDbm - $a->radio->txDbm)
            + ($b->radio->sensitivityDbm - $a->radio->sensitivityDbm);

        return new Link($a->key, $b->key, $there->marginDb, $back);
    }

    private function bothWays(RadioEnd $a, RadioEnd $b, Building $building): Link
    {
        return self::bothWaysOf($a, $b, $this->through($building, $a, $b));
    }
}
