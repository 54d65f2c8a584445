<?php

declare(strict_types=1);

namespace App\WhoIsWho;

use App\JobSheet\JobSheet;
use App\JobSheet\SlotCard;
use App\Models\KeyUse;
use App\Models\Node;
use Kavvel\Core\WhoIsWho\Leftover;
use Kavvel\Core\WhoIsWho\SeenNode;

/** Entries that are left on the lists of hubs, and what goes by the one that each is a copy of. */
final readonly class LeftoverList
{
    /** @return list<array{node: Node, of: SlotCard|null, isLivelier: bool, uses: list<string>}> */
    public static function of(JobSheet $sheet): array
    {
        $owners = [];
        foreach ($sheet->cards as $card) {
            $owners[$card->node?->id] = $card;
        }
        $in = array_filter($sheet->nodes, static fn (Node $node): bool => in_array($node->state, ['joined', 'in-part'], true)
            && $node->via === null);
        $left = Leftover::all(
            array_values(array_map(static fn (Node $node): SeenNode => new SeenNode(
                (string) $node->id,
                $node->label,
                $node->heard_at?->getTimestamp(),
                isset($owners[$node->id]) ? $owners[$node->id]->key() : null,
                $node->given_up_at !== null,
            ), $in)),
            array_filter(array_map(static fn (SlotCard $card): ?string => $card->slot->name, $sheet->cards)),
        );

        return array_map(static fn (Leftover $one): array => [
            'node' => $sheet->nodes[(int) $one->id],
            'of' => $sheet->card($one->slot),
            'isLivelier' => $one->isLivelier,
            'uses' => $one->slot === null ? [] : self::uses($sheet->cards[$one->slot]),
        ], $left);
    }

    /** @return list<string> what goes by the device of a slot */
    private static function uses(SlotCard $card): array
    {
        $shown = $card->ladder->passed();
        $set = $card->slot->settings()->whereNotNull('actual')->count();
        $keys = KeyUse::query()->where('site_job_id', $card->slot->site_job_id)->where('control', "slot {$card->key()}")->count();
        $codes = $card->slot->credentials()->opening()->count();

        return array_values(array_filter([
            $shown === 0 ? '' : $shown.($shown === 1 ? ' rung shown' : ' rungs shown'),
            $set === 0 ? '' : $set.($set === 1 ? ' setting set' : ' settings set'),
            $keys === 0 ? '' : $keys.($keys === 1 ? ' key that does something' : ' keys that do something'),
            $codes === 0 ? '' : 'its code',
        ]));
    }
}
