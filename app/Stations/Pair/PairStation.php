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
        $mine = $windows->mine($asked->next);
        $target = $mine
            ?? $this->chosen($sheet, $asked)
            ?? $windows->offered()
            ?? $windows->firstFree($work)
            ?? $work->first();
        $isTaught = $lens === PairLens::Teach && $this->teaching->isUnderWay($sheet->job);
        $due = Placements::due($sheet);
        $placed = $target === null || isset($due[(string) $asked->next]) ? PlaceCard::next($sheet, $due, $asked->next) : null;
        if ($placed !== null && $mine === null) {
            return new Move(
                'pair.place',
                static fn (): array => PlaceCard::data($sheet, $work, $due, $placed),
                new Lens(ForecastLink::of($sheet, $placed)),
                new Legend(PairingOrder::from($sheet->job->school)->words()),
                $placed->key(),
                isLive: $isTaught,
                middle: $this->middle->of($lens, $sheet, $work, $placed),
                lenses: PairLens::titles(),
                chosenLens: $lens->value,
                isOwn: ! $windows->isEmpty(),
            );
        }
        if ($target === null) {
            return new Move(
                'pair.done',
                static fn (): array => ['byHand' => $work->byHand],
                new Lens,
                isLive: $isTaught,
                middle: $this->middle->of($lens, $sheet, $work, null),
                lenses: PairLens::titles(),
                chosenLens: $lens->value,
            );
        }

        $bridge = $sheet->bridgeOf($target);
        if ($bridge !== null) {
            return new Move(
                'pair.behind',
                fn (): array => $this->behind->data($sheet, $work, $target, $bridge),
                new Lens,
                new Legend(PairingOrder::from($sheet->job->school)->words()),
                $target->key(),
                isLive: true,
                middle: $this->middle->of($lens, $sheet, $work, $target),
                lenses: PairLens::titles(),
                chosenLens: $lens->value,
            );
        }
        $window = $windows->forCard($target);
        $holder = $windows->holder($target);

        return new Move(
            'pair.move',
            fn (): array => $this->card->data($sheet, $work, $window, $target, $holder),
            new Lens(ForecastLink::of($sheet, $sheet->card($asked->slot) ?? $target)),
            new Legend(PairingOrder::from($sheet->job->school)->words()),
            $target->key(),
            isLive: $window !== null || $holder !== null || $isTaught,
            middle: $this->middle->of($lens, $sheet, $work, $target),
            lenses: PairLens::titles(),
            chosenLens: $lens->value,
            isOwn: ! $windows->isEmpty(),
        );
    }

    /** A slot that was chosen instead of the first, as long as a hub can still pair it. */
    private function chosen(JobSheet $sheet, Asked $asked): ?SlotCard
    {
        $card = $sheet->card($asked->next);

        return $card === null || $card->isIn() || ! $card->isLinked() ? null : $card;
    }
}
