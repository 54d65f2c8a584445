<?php

declare(strict_types=1);

namespace App\Gateway;

use App\Models\Gateway;
use App\Models\Node;
use Illuminate\Support\Carbon;
use Kavvel\Core\Protocol\Protocol;

/** The nodes of a gateway as Kavvel keeps them. The gateway's word is the truth. */
final readonly class NodeList
{
    /** @param Carbon|null $at when it spoke; null where the list was only read */
    public function keep(Gateway $gateway, ListedNode $listed, string $state, ?Carbon $at): Node
    {
        $node = Node::query()->firstOrNew(['gateway_id' => $gateway->id, 'address' => $listed->address]);
        $node->fill([
            'site_job_id' => $gateway->site_job_id,
            'protocol' => $listed->protocol ?? $node->getAttribute('protocol') ?? Protocol::Zigbee,
            'model' => $listed->model ?? $node->model,
            'firmware' => $listed->firmware ?? $node->firmware,
            'is_router' => $listed->isRouter ?? (bool) $node->is_router,
            'capabilities' => $listed->capabilities ?? $node->capabilities ?? [],
            'state' => $state,
            'label' => $listed->via === null ? $node->label : $listed->label ?? $node->label,
            'via' => $listed->via ?? $node->via,
            'is_reachable' => $listed->isReachable ?? $node->is_reachable ?? true,
            'joined_at' => $state === 'joined' ? $node->joined_at ?? $at : $node->joined_at,
            'heard_at' => $at ?? $node->heard_at,
            'left_at' => null,
            'matched_at' => $at === null ? $node->matched_at : null,
            'given_up_at' => $at === null ? $node->given_up_at : null,
        ])->save();

        return $node;
    }

    public function find(Gateway $gateway, string $address): ?Node
    {
        return Node::query()->where('gateway_id', $gateway->id)->where('address', $address)->first();
    }

    /**
     * The list, read anew: nodes of the listed radios that are not in it have left, if it could be read whole.
     *
     * @param  list<ListedNode>  $listed
     */
    public function replace(Gateway $gateway, array $listed, bool $isWhole): void
    {
        foreach ($listed as $node) {
            $this->keep($gateway, $node, $node->state ?? 'joined', null);
        }
        if (! $isWhole) {
            return;
        }
        $protocols = array_filter(array_map(static fn (ListedNode $node): ?Protocol => $node->protocol, $listed));
        Node::query()->where('gateway_id', $gateway->id)
            ->whereIn('protocol', array_unique(array_map(static fn (Protocol $protocol): string => $protocol->value, $protocols)))
            ->whereNotIn('address', array_map(static fn (ListedNode $node): string => $node->address, $listed))
            ->whereNull('left_at')->update(['state' => Node::LEFT, 'left_at' => now()]);
    }
}
