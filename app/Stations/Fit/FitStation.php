<?php

declare(strict_types=1);

namespace App\Stations\Fit;

use App\JobSheet\JobCounts;
use App\JobSheet\JobSheet;
use App\JobSheet\SlotCard;
use App\Models\User;
use App\Plan\Lens;
use App\Stations\Asked;
use App\Stations\Middle;
use App\Stations\Move;
use App\Stations\Progress;
use App\Stations\Station;
use Illuminate\Contracts\Auth\Guard;
use Kavvel\Core\Fit\FitMove;

/** What goes into the wall: whether it fits, its circuit made dead, its conductors settled, and worked by hand. */
final readonly class FitStation implements Station
{
    public function __construct(private Guard $guard, private FitCard $card) {}

    public function number(): int
    {
        return 2;
    }

    public function title(): string
    {
        return 'Fit';
    }

    public function progress(JobSheet $sheet, JobCounts $counts): Progress
    {
        $wired = array_filter($sheet->cards, static fn (SlotCard $card): bool => $card->isWired() || $card->isHung());
        $open = count(array_filter($wired, static fn (SlotCard $card): bool => ! $card->isFitted()));

        if ($wired === []) {
            return new Progress($sheet->cards === [] ? 0.0 : 1.0, 0, $sheet->cards === [] ? 'nothing yet' : '');
        }

        return new Progress(1 - $open / count($wired), $open, match (true) {
            $open === 0 => '',
            default => "{$open} to fit",
        });
    }

    public function move(JobSheet $sheet, JobCounts $counts, Asked $asked): Move
    {
        /** @var User $person */
        $person = $this->guard->user();
        $wall = WallWork::of($sheet);
        $move = $wall->move($person->signature(), $asked->next);
        $slot = $wall->slot($move->slot?->key);
        $blind = $wall->blinds[(string) $move->blind?->key] ?? null;
        $card = $slot === null ? null : $this->card->of($wall, $move, $slot, $person);
        $van = $asked->lens === FitLens::Van->value ? VanSheet::of($wall, $this->visit($asked)) : null;
        $lens = FitLens::tryFrom((string) $asked->lens) ?? $card->lens ?? FitLens::Plan;

        return new Move(
            match (true) {
                $van !== null => 'fit.van-side',
                $blind !== null => 'fit.blind',
                $card === null => 'fit.nothing',
                default => 'fit.move',
            },
            static fn (): array => [
                'wall' => $wall, 'move' => $move, 'card' => $card, 'blind' => $blind, 'at' => $asked->at, 'van' => $van,
            ],
            new Lens(labels: $this->labels($wall), keys: $this->drawn($wall)),
            slot: $move->key(),
            middle: $this->middle($lens, $wall, $move, $card, $van),
            lenses: FitLens::titles(),
            chosenLens: $lens->main()->value,
            within: $lens->within(),
            followsWork: true,
            isOwn: true,
        );
    }

    /** The visit that was asked for; null: this one. */
    private function visit(Asked $asked): ?int
    {
        return preg_match('/^visit (\d{1,3})$/', (string) $asked->at, $found) === 1 ? (int) $found[1] : null;
    }

    private function middle(FitLens $lens, WallWork $wall, FitMove $move, ?CardInHand $card, ?VanSheet $van): ?Middle
    {
        if ($lens === FitLens::Plan || ($card === null && $lens->main() !== FitLens::Order)) {
            return null;
        }
        $data = ['wall' => $wall, 'move' => $move, 'card' => $card, 'van' => $van];

        return new Middle(
            "fit.{$lens->value}",
            static fn (): array => $data,
            serialize([
                $lens, $wall->slots === [] ? null : array_map(static fn (WallSlot $one): array => [
                    $one->fit->getAttributes(), $one->core->standing(), $one->isolation?->getAttributes(), $one->circuit?->getAttributes(),
                ], $wall->slots), $card?->slot->key(), $card?->step, $van?->visit, $van?->soFar(),
            ]),
            $card?->slot->card->storey ?? $wall->sheet->geometry->storeys[0]['key'],
            [],
        );
    }

    /** @return array<string, string> how far each is, under its plate */
    private function labels(WallWork $wall): array
    {
        return array_map(static fn (WallSlot $one): string => $one->core->standing()->words(), $wall->slots)
            + array_map(static fn (HungBlind $one): string => $one->core->standing(), $wall->blinds);
    }

    /** @return list<string> keys of what is fitted here: nothing else is drawn */
    private function drawn(WallWork $wall): array
    {
        return array_map(strval(...), [...array_keys($wall->slots), ...array_keys($wall->blinds)]);
    }
}
