<?php

declare(strict_types=1);

namespace App\Stations\Pair;

use App\JobSheet\JobSheet;
use App\JobSheet\SlotCard;
use Kavvel\Core\Pairing\Placement;

/** What the card of a device shows that was paired at the bench: put it where it lives, then look how its radio does there. */
final readonly class PlaceCard
{
    /** @param  array<string, Placement>  $due */
    public static function next(JobSheet $sheet, array $due, ?string $asked): ?SlotCard
    {
        if ($asked !== null && isset($due[$asked])) {
            return $sheet->card($asked);
        }

        return $sheet->card(array_search(Placement::ToPlace, $due, true) ?: null)
            ?? $sheet->card(array_search(Placement::ToRecheck, $due, true) ?: null);
    }

    /**
     * @param  array<string, Placement>  $due
     * @return array<string, mixed>
     */
    public static function data(JobSheet $sheet, WorkList $work, array $due, SlotCard $target): array
    {
        $cards = static fn (Placement $placement): array => array_values(array_filter(
            $sheet->cards,
            static fn (SlotCard $card): bool => ($due[$card->key()] ?? null) === $placement && $card->key() !== $target->key(),
        ));

        return [
            'target' => $target,
            'placement' => $due[$target->key()],
            'isMesh' => $target->profile->protocol->rules()->routes() !== null,
            'toPlace' => $cards(Placement::ToPlace),
            'toRecheck' => $cards(Placement::ToRecheck),
            'byHand' => $work->byHand,
        ];
    }
}
