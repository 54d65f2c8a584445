<?php

declare(strict_types=1);

namespace App\Stations\Pair;

use App\JobSheet\BehindBridges;
use App\JobSheet\JobSheet;
use App\JobSheet\SlotCard;
use Kavvel\Core\Pairing\BehindBridge;

/** What the card of a device behind a bridge shows: which of those that the bridge has it could be. */
final readonly class BehindCard
{
    private const NEXT_SHOWN = 4;

    /** @return array<string, mixed> */
    public function data(JobSheet $sheet, WorkList $work, SlotCard $target, SlotCard $bridge): array
    {
        $bridges = new BehindBridges($sheet);
        $nodes = $bridges->nodes($bridge);
        $calls = [(string) $target->slot->name, $target->title()];

        return [
            'target' => $target,
            'bridge' => $bridge,
            'behind' => BehindBridge::of($target->profile, $calls, $nodes, $bridge->isIn(), $target->waitsForHub()),
            'count' => $bridges->count($bridge),
            'heard' => self::heard($sheet),
            'then' => $work->after($target, self::NEXT_SHOWN),
            'byHand' => $work->byHand,
            'isOpen' => false,
        ];
    }

    /** @return array<string, string> when each that spoke since it came in was heard last, by address */
    private static function heard(JobSheet $sheet): array
    {
        $heard = [];
        foreach ($sheet->nodes as $node) {
            if ($node->via !== null && $node->joined_at !== null && $node->heard_at?->greaterThan($node->joined_at) === true) {
                $heard[$node->address] = "spoke {$node->heard_at->onSite()->format('H:i:s')}";
            }
        }

        return $heard;
    }
}
