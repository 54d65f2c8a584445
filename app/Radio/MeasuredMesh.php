<?php

declare(strict_types=1);

namespace App\Radio;

use App\JobSheet\JobSheet;
use App\JobSheet\SlotCard;
use App\Models\MeshReading;
use Kavvel\Core\Mesh\Graph;
use Kavvel\Core\Mesh\HubRoute;
use Kavvel\Core\Mesh\Link;
use Kavvel\Core\Mesh\MeshJudge;
use Kavvel\Core\Mesh\MeshReport;
use Kavvel\Core\Mesh\Node;
use Kavvel\Core\Mesh\Role;
use Kavvel\Core\Mesh\Verdict;
use Kavvel\Core\Protocol\Protocol;

/** A stored mesh reading as a judged network, by slot key where an address is matched to a slot. */
final readonly class MeasuredMesh
{
    public const ROOT = '@root';

    /** What the gateway link calls the hub itself */
    private const HUB_ADDRESS = 'gateway';

    /** Relays of a radio that is no mesh tell the hub what they hear over the house network, which is none of its links */
    private const HOUSE_NETWORK_DB = 60.0;

    /**
     * @param  list<string>  $asleep  devices that have not said themselves what they hear
     * @param  float  $acceptedFromDb  from where on a link of this radio is accepted on this job
     * @param  list<Link>  $read
     * @param  list<int>  $oneWay  places of those whose way back is not known
     */
    private function __construct(
        public Graph $graph,
        public MeshReport $report,
        public array $asleep,
        public float $acceptedFromDb,
        private array $read,
        private array $oneWay,
    ) {}

    /** The same devices in another network. */
    public function tried(Graph $graph): self
    {
        $report = MeshJudge::judge($graph, $this->acceptedFromDb);

        return new self($graph, $report, $this->asleep, $this->acceptedFromDb, $this->read, $this->oneWay);
    }

    /** @return list<array{Link, bool}> as the hub told them, and whether the way back is known */
    public function measured(): array
    {
        return array_map(fn (Link $link, int $at): array => [
            $link, ! in_array($at, $this->oneWay, true),
        ], $this->read, array_keys($this->read));
    }

    public static function of(JobSheet $sheet, MeshReading $reading): self
    {
        $cards = self::cards($sheet, $reading);
        [$links, $oneWay] = self::links($reading, $cards);
        $graph = self::network($sheet, $reading, $cards, $links);
        $asleep = array_map(static fn (string $address): string => self::key($address, $cards), $reading->asleep ?? []);
        $accepted = $reading->protocol->rules()->acceptedFromDb($sheet->job->acceptance_db);

        return new self($graph, MeshJudge::judge($graph, $accepted), $asleep, $accepted, $links, $oneWay);
    }

    /** @return list<HubRoute> the ways that the hub really goes, those with the most to gain first; none: it does not say */
    public function routes(JobSheet $sheet, MeshReading $reading): array
    {
        $cards = self::cards($sheet, $reading);
        $routes = [];
        foreach ($reading->routes ?? [] as $address => $via) {
            $routes[self::key(ltrim($address), $cards)] = array_map(static fn (string $relay): string => self::key($relay, $cards), $via);
        }

        return HubRoute::all($this->report, $this->graph, $routes);
    }

    /** The network alone, where nobody asks how its devices stand. */
    public static function graphOf(JobSheet $sheet, MeshReading $reading): Graph
    {
        $cards = self::cards($sheet, $reading);

        return self::network($sheet, $reading, $cards, self::links($reading, $cards)[0]);
    }

    /** @return array<string, SlotCard> those that were in when it was read, and are still, by address */
    private static function cards(JobSheet $sheet, MeshReading $reading): array
    {
        $cards = [];
        $members = $reading->members === null ? null : array_column($reading->members, 'address', 'address');
        foreach ($sheet->ofProtocol($reading->protocol) as $card) {
            $wasIn = $card->node !== null && ($members === null || isset($members[$card->node->address]));
            if ($wasIn && $card->isIn() && $card->node->gateway_id === $reading->gateway_id) {
                $cards[$card->node->address] = $card;
            }
        }

        return $cards;
    }

    /**
     * @param  array<string, SlotCard>  $cards
     * @return array{list<Link>, list<int>} and the places of those whose way back is not known
     */
    private static function links(MeshReading $reading, array $cards): array
    {
        $links = [];
        $oneWay = [];
        foreach ($reading->links()->orderBy('id')->toBase()->get(['a', 'b', 'margin_db', 'margin_back_db']) as $link) {
            if ($link->margin_back_db === null) {
                $oneWay[] = count($links);
            }
            $links[] = new Link(self::key($link->a, $cards), self::key($link->b, $cards), $link->margin_db, $link->margin_back_db);
        }

        return [$links, $oneWay];
    }

    /**
     * @param  array<string, SlotCard>  $cards
     * @param  list<Link>  $links
     */
    private static function network(JobSheet $sheet, MeshReading $reading, array $cards, array $links): Graph
    {
        $byKey = [self::ROOT => self::HUB_ADDRESS];
        foreach ($cards as $address => $card) {
            $byKey[$card->key()] = (string) $address;
        }
        foreach ($links as $link) {
            $byKey += [$link->a => $link->a, $link->b => $link->b];
        }
        $routers = [];
        foreach ($sheet->nodes as $node) {
            if ($node->gateway_id === $reading->gateway_id && $node->is_router) {
                $routers[] = $node->address;
            }
        }
        $nodes = array_map(static fn (string $address): Node => self::node($address, $cards, $routers), array_values($byKey));

        return new Graph($reading->protocol, $nodes, self::inHouse($reading->protocol, $nodes, $links), self::ROOT);
    }

    public function relays(string $id): bool
    {
        foreach ($this->graph->nodes as $node) {
            if ($node->id === $id) {
                return $node->relays();
            }
        }

        return false;
    }

    /** @return array{accepted: int, thin: int, lost: int} */
    public function counts(): array
    {
        return [
            'accepted' => $this->report->count(Verdict::Accepted),
            'thin' => $this->report->count(Verdict::Thin),
            'lost' => $this->report->count(Verdict::Lost),
        ];
    }

    /**
     * @param  list<Node>  $nodes
     * @param  list<Link>  $links
     * @return list<Link>
     */
    private static function inHouse(Protocol $protocol, array $nodes, array $links): array
    {
        if ($protocol->rules()->routes() !== null) {
            return $links;
        }
        $relays = array_column(array_filter($nodes, static fn (Node $node): bool => $node->relays()), 'id');
        $ofDevices = array_filter($links, static fn (Link $link): bool => array_diff([$link->a, $link->b], $relays) !== []);

        return [...array_values($ofDevices), ...array_values(array_map(
            static fn (string $relay): Link => new Link($relay, self::ROOT, self::HOUSE_NETWORK_DB),
            array_diff($relays, [self::ROOT]),
        ))];
    }

    /** @param array<string, SlotCard> $cards */
    private static function key(string $address, array $cards): string
    {
        return $address === self::HUB_ADDRESS ? self::ROOT : (isset($cards[$address]) ? $cards[$address]->key() : $address);
    }

    /**
     * @param  array<string, SlotCard>  $cards
     * @param  list<string>  $routers  addresses that the hub lists as routers
     */
    private static function node(string $address, array $cards, array $routers): Node
    {
        if ($address === self::HUB_ADDRESS) {
            return new Node(self::ROOT, Role::Root);
        }
        $role = in_array($address, $routers, true) ? Role::Router : Role::End;

        return new Node(self::key($address, $cards), $role, $cards[$address]->profile->removable ?? false);
    }
}
