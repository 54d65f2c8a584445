<?php

declare(strict_types=1);

namespace App\Stations\HandOver;

use App\JobSheet\JobSheet;
use App\JobSheet\SlotCard;
use App\Models\Pack;
use App\Models\Snag;
use App\Plan\Lens;
use App\Stations\Move;
use Kavvel\Core\Proving\Standing;

/** What still stands between the job and its pack, and the packs that were made. */
final readonly class HandOverStation
{
    public function move(JobSheet $sheet): Move
    {
        $snags = Snag::query()->where('site_job_id', $sheet->job->id)->where('state', 'open')->orderBy('id')->get();
        $packs = Pack::query()->where('site_job_id', $sheet->job->id)->with('user')->latest('number')->limit(5)->get();
        $making = $packs->first(static fn (Pack $pack): bool => $pack->isBeingMade());
        $standings = array_count_values(array_map(static fn (SlotCard $card): string => $card->standing()->value, array_values($sheet->cards)));

        return new Move('hand-over.move', static fn (): array => [
            'snag' => $snags->first(),
            'snags' => $snags->count(),
            'packs' => $packs,
            'making' => $making,
            'proved' => $standings[Standing::Proved->value] ?? 0,
            'in' => $standings[Standing::In->value] ?? 0,
            'planned' => $standings[Standing::Planned->value] ?? 0,
            'faults' => $standings[Standing::Fault->value] ?? 0,
        ], new Lens, $this->slotOf($sheet, $snags->first()), isLive: $making !== null, note: '');
    }

    private function slotOf(JobSheet $sheet, ?Snag $snag): ?string
    {
        foreach ($sheet->cards as $card) {
            if ($snag !== null && $card->slot->id === $snag->slot_id) {
                return $card->key();
            }
        }

        return null;
    }
}
