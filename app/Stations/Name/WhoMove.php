<?php

declare(strict_types=1);

namespace App\Stations\Name;

use App\JobSheet\JobSheet;
use App\JobSheet\SlotCard;
use App\Models\Listening;
use App\Models\Node;
use App\Plan\Lens;
use App\Stations\Asked;
use App\Stations\Legend;
use App\Stations\Move;
use App\WhoIsWho\Gathering;
use App\WhoIsWho\ListenedSlot;
use App\WhoIsWho\Listenings;
use App\WhoIsWho\Nobodys;
use Illuminate\Contracts\Auth\Guard;
use Kavvel\Core\WhoIsWho\PrintedAddress;
use Kavvel\Core\WhoIsWho\Trigger;

/** Telling devices apart: which one is the device of this slot, by listening, by a blink, or by what is printed on it. */
final readonly class WhoMove
{
    private const SPOKEN_SHOWN = 5;

    public function __construct(private Listenings $listenings, private Guard $guard) {}

    /** @param array<string, string> $labels of the plan */
    public function of(JobSheet $sheet, Asked $asked, array $labels): Move
    {
        $nobodys = Nobodys::of($sheet);
        $userId = (int) $this->guard->id();
        $mine = $this->listenings->mine($sheet, $userId);
        $target = $sheet->card($asked->next) ?? $sheet->cardOfSlot($mine?->slot_id) ?? $nobodys->waiting()[0] ?? null;
        $gatherings = Gathering::all($sheet);
        $spoken = self::spoken($sheet);
        $last = $spoken === [] ? null : $sheet->cardOfNode($spoken[0]->id);

        return new Move(
            'name.who',
            fn (): array => $this->data($sheet, $nobodys, $target, $mine, $asked, $spoken, $userId, $gatherings),
            new Lens(labels: $labels, heard: $last === null ? [] : [$last->key()]),
            new Legend($last === null ? '' : "spoke last: {$last->calledInRoom()}, {$spoken[0]->said_at?->onSite()->format('H:i:s')}"),
            ($this->isSureFirst($nobodys, $mine, $asked) ? $nobodys->sure()[0]['card'] : $target)?->key(),
            isLive: $mine !== null || self::isGathering($gatherings),
            lenses: NameLens::titles(),
            chosenLens: NameLens::Who->value,
            isOwn: true,
        );
    }

    /**
     * @param  list<Node>  $spoken
     * @param  list<Gathering>  $gatherings
     * @return array<string, mixed>
     */
    private function data(
        JobSheet $sheet,
        Nobodys $nobodys,
        ?SlotCard $target,
        ?Listening $mine,
        Asked $asked,
        array $spoken,
        int $userId,
        array $gatherings,
    ): array {
        $isListened = $target !== null && $mine?->slot_id === $target->slot->id;

        return [
            'nobodys' => $nobodys,
            'target' => $target,
            'trigger' => $target === null ? null : Trigger::of($target->profile),
            'alike' => $target === null ? [] : $nobodys->alike($target),
            'listened' => $isListened ? ListenedSlot::of($sheet, $mine) : null,
            'mine' => $isListened || $mine === null ? null : $sheet->cardOfSlot($mine->slot_id),
            'other' => $this->listenings->others($sheet, $userId),
            'sure' => $nobodys->sure(),
            'isSureFirst' => $this->isSureFirst($nobodys, $mine, $asked),
            'gatherings' => $gatherings,
            'isGathering' => self::isGathering($gatherings),
            'then' => array_values(array_filter($nobodys->waiting(), static fn (SlotCard $card): bool => $card !== $target)),
            'spoken' => array_slice($spoken, 0, self::SPOKEN_SHOWN),
            'printed' => $asked->at,
            'byPrint' => $asked->at === null ? [] : array_values(array_filter(
                $nobodys->nodes,
                static fn (Node $node): bool => PrintedAddress::is($asked->at, $node->address),
            )),
        ];
    }

    /** What is sure needs nobody to listen; who listens, or has chosen another, is not interrupted. */
    private function isSureFirst(Nobodys $nobodys, ?Listening $mine, Asked $asked): bool
    {
        return $mine === null && $asked->next === null && $nobodys->sure() !== [];
    }

    /** @param list<Gathering> $gatherings */
    private static function isGathering(array $gatherings): bool
    {
        return array_filter($gatherings, static fn (Gathering $one): bool => $one->window !== null) !== [];
    }

    /** @return list<Node> those that told something by themselves, the latest first */
    private static function spoken(JobSheet $sheet): array
    {
        $spoken = array_filter($sheet->nodes, static fn (Node $node): bool => $node->said_at !== null && $node->state !== Node::LEFT);
        usort($spoken, static fn (Node $a, Node $b): int => $b->said_at <=> $a->said_at ?: $b->id <=> $a->id);

        return $spoken;
    }
}
