<?php

declare(strict_types=1);

namespace App\JobSheet;

use App\Models\Node;
use Kavvel\Core\Pairing\BridgeCount;
use Kavvel\Core\Pairing\BridgedNode;

/** What the hub sees behind the bridges of a job. */
final readonly class BehindBridges
{
    public function __construct(private JobSheet $sheet) {}

    public function count(SlotCard $bridge): BridgeCount
    {
        return BridgeCount::of(count($this->sheet->behind($bridge)), $this->nodes($bridge));
    }

    /** @return list<BridgedNode> */
    public function nodes(SlotCard $bridge): array
    {
        $taken = [];
        foreach ($this->sheet->cards as $card) {
            if ($card->node !== null && $card->isIn()) {
                $taken[$card->node->id] = true;
            }
        }

        return array_map(static fn (Node $node): BridgedNode => new BridgedNode(
            $node->address,
            $node->reported(),
            $node->label,
            $node->is_reachable,
            isset($taken[$node->id]),
        ), $this->sheet->nodesBehind($bridge));
    }
}
