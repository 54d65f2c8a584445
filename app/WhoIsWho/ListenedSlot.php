<?php

declare(strict_types=1);

namespace App\WhoIsWho;

use App\JobSheet\JobSheet;
use App\JobSheet\SlotCard;
use App\Models\Listening;
use App\Models\ListeningVoice;
use App\Models\Node;
use Illuminate\Database\Eloquent\Collection;
use Kavvel\Core\Pairing\NodeFit;
use Kavvel\Core\WhoIsWho\Heard;
use Kavvel\Core\WhoIsWho\Trigger;
use Kavvel\Core\WhoIsWho\Voice;

/** What a person who listens for one slot has heard, as the core judges it. */
final readonly class ListenedSlot
{
    private function __construct(
        public Listening $listening,
        public SlotCard $card,
        public Trigger $trigger,
        public Heard $heard,
        private JobSheet $sheet,
    ) {}

    /** Null: the slot has gone, or another device is planned there now that no hand makes speak. */
    public static function of(JobSheet $sheet, Listening $listening): ?self
    {
        $card = $sheet->cardOfSlot($listening->slot_id);
        $trigger = $card === null ? null : Trigger::of($card->profile);
        if ($card === null || $trigger === null) {
            return null;
        }
        $voices = [];
        foreach ($listening->voices->groupBy('node_id') as $id => $said) {
            $node = $sheet->nodes[$id] ?? null;
            if ($node !== null && $node->state !== Node::LEFT) {
                $voices[] = new Voice((string) $id, $node->reported(), $sheet->cardOfNode($node->id)?->key(), self::byRound($said));
            }
        }

        return new self($listening, $card, $trigger, Heard::of($card->profile, $card->key(), $trigger, $listening->round, $voices), $sheet);
    }

    /** The one that it is; null as long as that is not sure. */
    public function found(): ?Node
    {
        $voice = $this->heard->found();

        return $voice === null ? null : $this->node($voice);
    }

    /** Another slot’s device that spoke alone in its place. */
    public function taken(): ?SlotCard
    {
        $voice = $this->heard->fitting[0] ?? null;

        return $voice?->slot === null || $voice->slot === $this->card->key() ? null : $this->sheet->card($voice->slot);
    }

    public function node(Voice $voice): Node
    {
        return $this->sheet->nodes[(int) $voice->id];
    }

    /** What speaks against one that spoke and is not of the model. */
    public function objection(Voice $voice): string
    {
        return (string) NodeFit::of($this->card->profile, $voice->node)->objection();
    }

    public function isPossible(Voice $voice): bool
    {
        return NodeFit::of($this->card->profile, $voice->node)->isPossible();
    }

    /** What a device said when it was heard last while this was listened to. */
    public function said(Voice $voice): ListeningVoice
    {
        return $this->listening->voices->where('node_id', (int) $voice->id)->where('capability', $this->trigger->capability)
            ->sortByDesc('at')->firstOrFail();
    }

    /**
     * @param  Collection<int, ListeningVoice>  $said
     * @return array<int, list<string>>
     */
    private static function byRound(Collection $said): array
    {
        $rounds = [];
        foreach ($said as $one) {
            $rounds[$one->round][] = $one->capability;
        }

        return $rounds;
    }
}
