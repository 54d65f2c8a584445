<?php

declare(strict_types=1);

namespace App\Stations\HandOver;

use App\JobSheet\JobCounts;
use App\JobSheet\JobSheet;
use App\JobSheet\SlotCard;
use App\Models\Pack;
use App\Models\Snag;
use App\Plan\Lens;
use App\Stations\Asked;
use App\Stations\Move;
use App\Stations\Progress;
use App\Stations\Station;
use App\Temporary\TemporaryStates;
use Kavvel\Core\Handover\HandoverMove;
use Kavvel\Core\Proving\Standing;

/** What still stands between the job and its pack, and the packs that were made. */
final readonly class HandOverStation implements Station
{
    private const PACKS_SHOWN = 5;

    public function number(): int
    {
        return 9;
    }

    public function title(): string
    {
        return 'Hand over';
    }

    public function progress(JobSheet $sheet, JobCounts $counts): Progress
    {
        $words = array_filter([
            Progress::counting(1.0, $counts->openSnags, 'snag')->words,
            $counts->openTemporary === 0 ? '' : "{$counts->openTemporary}\u{a0}temporary",
        ]);
        $share = $counts->packNumber === null ? 0.0 : 1.0;

        return new Progress($share, $counts->openSnags + $counts->openTemporary, implode(', ', $words));
    }

    public function move(JobSheet $sheet, JobCounts $counts, Asked $asked): Move
    {
        $shown = Standing::tryFrom((string) $asked->show);
        if ($shown !== null) {
            return new Move(
                'hand-over.standing',
                fn (): array => ['standing' => $shown, 'cards' => $this->with($sheet, $shown)],
                new Lens,
            );
        }
        $packs = Pack::query()->where('site_job_id', $sheet->job->id)->with('user')->latest('number')->limit(self::PACKS_SHOWN)->get();
        $making = $packs->first(static fn (Pack $pack): bool => $pack->isBeingMade());
        $kind = HandoverMove::of(
            $making !== null,
            $counts->openSnags,
            $counts->openTemporary,
            $counts->packNumber !== null,
            $counts->changesSincePack,
        );
        $snag = $kind !== HandoverMove::Settle
            ? null
            : Snag::query()->where('site_job_id', $sheet->job->id)->where('state', 'open')->orderBy('id')->first();

        return new Move('hand-over.move', fn (): array => [
            'kind' => $kind,
            'snag' => $snag,
            'snags' => $counts->openSnags,
            'packs' => $packs,
            'making' => $making,
            'temporary' => $kind === HandoverMove::Close ? TemporaryStates::openOf($sheet->job) : null,
            'worked' => $kind === HandoverMove::Close ? $sheet->job->isolations()->whereNull('ended_at')->orderBy('id')->get() : null,
            'changes' => $counts->changesSincePack,
            'lastPack' => $packs->firstWhere('number', $counts->packNumber),
            'standings' => array_map(
                fn (Standing $standing): int => count($this->with($sheet, $standing)),
                array_column(Standing::cases(), null, 'value'),
            ),
        ], new Lens, slot: $sheet->cardOfSlot($snag?->slot_id)?->key(), isLive: $making !== null);
    }

    /** @return list<SlotCard> */
    private function with(JobSheet $sheet, Standing $standing): array
    {
        return array_values(array_filter($sheet->cards, static fn (SlotCard $card): bool => $card->standing() === $standing));
    }
}
