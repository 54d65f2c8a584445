<?php

declare(strict_types=1);

namespace App\Stations\Pair;

use App\JobSheet\JobSheet;
use App\JobSheet\SlotCard;
use App\Models\JoinWindow;
use App\Models\PairAttempt;
use Kavvel\Core\Pairing\Cause;
use Kavvel\Core\Pairing\Exclusion;
use Kavvel\Core\Pairing\PairPhase;

/** What came of the windows in which a device was to be taken out. */
final readonly class Exclusions
{
    /** @param JoinWindow|null $last that is over */
    private function __construct(private SlotCard $target, private ?JoinWindow $last) {}

    public static function of(SlotCard $target): self
    {
        return new self($target, JoinWindow::query()->where('slot_id', $target->slot->id)
            ->where('kind', 'exclude')->where('state', 'ended')->latest('id')->first());
    }

    /** @param list<Cause> $causes of its last failure */
    public function standing(PairPhase $phase, ?PairAttempt $attempt, array $causes, bool $isHeld): Exclusion
    {
        return Exclusion::of(
            $this->target->profile->protocol->rules()->leaving(),
            $phase->holdsWindow(),
            $isHeld,
            $causes[0] ?? null,
            $this->target->slot->left_at,
            $attempt?->started_at,
            $this->last?->opened_at,
        );
    }

    /** Another planned device that answered in its place, and is out now. */
    public function tookInstead(JobSheet $sheet): ?SlotCard
    {
        [$from, $to] = [$this->last?->opened_at, $this->last?->ended_at];
        if ($from === null || $to === null) {
            return null;
        }
        foreach ($sheet->ofProtocol($this->target->profile->protocol) as $card) {
            if ($card->key() !== $this->target->key() && $card->slot->left_at?->between($from, $to) === true) {
                return $card;
            }
        }

        return null;
    }
}
