<?php

declare(strict_types=1);

namespace App\Stations\Pair;

use App\JobSheet\JobCounts;
use App\JobSheet\JobSheet;
use App\JobSheet\SlotCard;
use App\Plan\Lens;
use App\Radio\ForecastLink;
use App\Stations\Asked;
use App\Stations\Legend;
use App\Stations\Move;
use App\Stations\Progress;
use App\Stations\Station;
use Illuminate\Contracts\Auth\Guard;
use Kavvel\Core\Pairing\PairingOrder;
use Kavvel\Core\Pairing\Placement;

/** Which device to pair now, how, and what the hub hears while it happens. */
final readonly class PairStation implements Station
{
    public function __construct(
        private PutOff $putOff,
        private PairCard $card,
        private BehindCard $behind,
        private Teaching $teaching,
        private BusListening $listening,
        private PairMiddle $middle,
        private Guard $guard,
    ) {}

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
        $due = array_count_values(array_map(static fn (Placement $one): string => $one->value, Placements::due($sheet)));
        $toPlace = $due[Placement::ToPlace->value] ?? 0;
        $toRecheck = $due[Placement::ToRecheck->value] ?? 0;

        return new Progress($total === 0 ? 0.0 : 1 - $open / $total, $open + $toPlace + $toRecheck, implode(', ', array_filter([
            $open === 0 ? '' : "{$open} open",
            $toPlace === 0 ? '' : "{$toPlace}\u{a0}to place",
            $toRecheck === 0 ? '' : "{$toRecheck}\u{a0}to check",
        ])));
    }

    public function move(JobSheet $sheet, JobCounts $counts, Asked $asked): Move
    {
        $work = WorkList::of($sheet, $this->putOff->keys($sheet->job));
        $windows = OpenWindows::of($sheet, (int) $this->guard->id());
        $lens = PairLens::tryFrom((string) $asked->lens) ?? PairLens::Plan;
        $shown = $this->shown($sheet, $work, $windows, $asked);
        $about = $shown->about;

        return new Move(
            $shown->view,
            $shown->data,
            new Lens($about === null ? [] : ForecastLink::of($sheet, $sheet->card($asked->slot) ?? $about)),
            $about === null ? new Legend : new Legend(PairingOrder::from($sheet->job->school)->words()),
            $about?->key(),
            isLive: $shown->isLive || match ($lens) {
                PairLens::Teach => $this->teaching->isUnderWay($sheet->job),
                PairLens::Bus => $this->listening->isUnderWay($sheet->job),
                default => false,
            },
            middle: $this->middle->of($lens, $sheet, $work, $about),
            lenses: PairLens::titles(),
            chosenLens: $lens->value,
            isOwn: ! $windows->isEmpty(),
        );
    }

    /** What is to be done next: place a device, say which one stands behind a bridge, let one in, or nothing. */
    private function shown(JobSheet $sheet, WorkList $work, OpenWindows $windows, Asked $asked): PairShown
    {
        $mine = $windows->mine($asked->next);
        $target = $mine
            ?? $this->chosen($sheet, $asked)
            ?? $windows->offered()
            ?? $windows->firstFree($work)
            ?? $work->first();
        $due = $mine === null ? Placements::due($sheet) : [];
        $placed = $target === null || isset($due[(string) $asked->next]) ? PlaceCard::next($sheet, $due, $asked->next) : null;
        if ($placed !== null) {
            return new PairShown('pair.place', static fn (): array => PlaceCard::data($sheet, $work, $due, $placed), $placed, false);
        }
        if ($target === null) {
            return new PairShown('pair.done', static fn (): array => ['byHand' => $work->byHand], null, false);
        }
        $bridge = $sheet->bridgeOf($target);
        if ($bridge !== null) {
            $data = fn (): array => $this->behind->data($sheet, $work, $target, $bridge);

            return new PairShown('pair.behind', $data, $target, $bridge->isIn());
        }
        $window = $windows->forCard($target);
        $holder = $windows->holder($target);
        $data = fn (): array => $this->card->data($sheet, $work, $window, $target, $holder);

        return new PairShown('pair.move', $data, $target, $window !== null || $holder !== null);
    }

    /** A slot that was chosen instead of the first, as long as a hub can still pair it. */
    private function chosen(JobSheet $sheet, Asked $asked): ?SlotCard
    {
        $card = $sheet->card($asked->next);

        return $card === null || $card->isIn() || ! $card->isLinked() ? null : $card;
    }
}
