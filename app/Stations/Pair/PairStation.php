<?php

declare(strict_types=1);

namespace App\Stations\Pair;

use App\Codes\CodeStore;
use App\JobSheet\JobCounts;
use App\JobSheet\JobSheet;
use App\JobSheet\SlotCard;
use App\Models\JoinWindow;
use App\Plan\Lens;
use App\Radio\ForecastLink;
use App\Stations\Asked;
use App\Stations\Legend;
use App\Stations\Middle;
use App\Stations\Move;
use App\Stations\Progress;
use App\Stations\Station;
use Kavvel\Core\Pairing\PairingOrder;

/** Which device to pair now, how, and what the hub hears while it happens. */
final readonly class PairStation implements Station
{
    public function __construct(private PutOff $putOff, private PairCard $card, private CodeStore $codes) {}

    public function number(): int
    {
        return 3;
    }

    public function title(): string
    {
        return 'Pair';
    }

    public function progress(JobSheet $sheet, JobCounts $counts): Progress
    {
        $total = count($sheet->cards);
        $open = $total - $sheet->countIn();

        return new Progress($total === 0 ? 0.0 : 1 - $open / $total, $open, $open === 0 ? '' : "{$open} open");
    }

    public function move(JobSheet $sheet, JobCounts $counts, Asked $asked): Move
    {
        $work = WorkList::of($sheet, $this->putOff->keys($sheet->job));
        $window = JoinWindow::query()
            ->where('site_job_id', $sheet->job->id)
            ->whereIn('state', JoinWindow::UNDER_WAY)
            ->latest('id')
            ->first();
        $lens = PairLens::tryFrom((string) $asked->lens) ?? PairLens::Plan;
        $target = $sheet->cardOfSlot($window?->slot_id) ?? $this->chosen($sheet, $asked) ?? $work->first();
        if ($target === null) {
            return new Move(
                'pair.done',
                static fn (): array => ['byHand' => $work->byHand],
                new Lens,
                middle: $this->middle($lens, $sheet, $work, null),
                lenses: PairLens::titles(),
                chosenLens: $lens->value,
            );
        }

        return new Move(
            'pair.move',
            fn (): array => $this->card->data($sheet, $work, $window, $target),
            new Lens(ForecastLink::of($sheet, $sheet->card($asked->slot) ?? $target)),
            new Legend(PairingOrder::from($sheet->job->school)->words()),
            $target->key(),
            isLive: $window !== null,
            middle: $this->middle($lens, $sheet, $work, $target),
            lenses: PairLens::titles(),
            chosenLens: $lens->value,
        );
    }

    private function middle(PairLens $lens, JobSheet $sheet, WorkList $work, ?SlotCard $target): ?Middle
    {
        if ($lens === PairLens::Plan) {
            return null;
        }
        $tray = CodeTray::of($sheet, $work, $this->codes);

        return new Middle(
            'pair.codes',
            static fn (): array => ['tray' => $tray],
            $tray->version(),
            $target->storey ?? $sheet->geometry->storeys[0]['key'] ?? '',
            [],
        );
    }

    /** A slot that was chosen instead of the first, as long as a hub can still pair it. */
    private function chosen(JobSheet $sheet, Asked $asked): ?SlotCard
    {
        $card = $sheet->card($asked->next);

        return $card === null || $card->isIn() || ! $card->isLinked() ? null : $card;
    }
}
