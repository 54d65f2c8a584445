<?php

declare(strict_types=1);

namespace App\Radio;

use App\JobSheet\JobSheet;
use App\JobSheet\SlotCard;
use App\Models\MeshReading;
use Kavvel\Core\Mesh\Graph;
use Kavvel\Core\Mesh\Link;
use Kavvel\Core\Mesh\MeshJudge;
use Kavvel\Core\Mesh\MeshReport;
use Kavvel\Core\Mesh\Node;
use Kavvel\Core\Mesh\Role;
use Kavvel\Core\Mesh\Verdict;

/** A stored mesh reading as a judged network, by slot key where an address is matched to a slot. */
final readonly class MeasuredMesh
{
    public const ROOT = '@root';

    /** What the gateway link calls the hub itself */
    private const HUB_ADDRESS = 'gateway';

    private function __construct(public Graph $graph, public MeshReport $report) {}

    public static function of(JobSheet $sheet, MeshReading $reading): self
    {
        $cards = [];
        foreach ($sheet->ofProtocol($reading->protocol) as $card) {
            if ($card->node !== null && $card->isIn() && $card->node->gateway_id === $reading->gateway_id) {
                $cards[$card->node->address] = $card;
            }
        }
        $links = [];
        $seen = [self::HUB_ADDRESS => true];
        foreach ($reading->links()->orderBy('id')->toBase()->get(['a', 'b', 'margin_db', 'margin_back_db']) as $link) {
            $seen[$link->a] = $seen[$link->b] = true;
            $links[] = new Link(self::key($link->a, $cards), self::key($link->b, $cards), $link->margin_db, $link->margin_back_db);
        }
        foreach (array_keys($cards) as $address) {
            $seen[$address] = true;
        }
        $routers = [];
        foreach ($sheet->nodes as $node) {
            if ($node->gateway_id === $reading->gateway_id && $node->is_router) {
                $routers[] = $node->address;
            }
        }
        $nodes = array_map(static fn (int|string $address): Node => self::node((string) $address, $cards, $routers), array_keys($seen));
        $graph = new Graph($reading->protocol, $nodes, $links, self::ROOT);

        return new self($graph, MeshJudge::judge($graph, $sheet->job->acceptance_db));
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
