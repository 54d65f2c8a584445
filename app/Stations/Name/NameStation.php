<?php

declare(strict_types=1);

namespace App\Stations\Name;

use App\JobSheet\JobSheet;
use App\JobSheet\SlotCard;
use App\Plan\Lens;
use App\Stations\Move;
use Illuminate\Support\Str;

/** The next device that is in and has no name, with the name that the pattern gives it. */
final readonly class NameStation
{
    private const NEXT_SHOWN = 5;

    public function __construct(private Names $names) {}

    public function move(JobSheet $sheet, ?string $wanted): Move
    {
        $unnamed = array_values(array_filter($sheet->cards, static fn (SlotCard $card): bool => $card->isIn() && ! $card->isNamed));
        $target = $sheet->card($wanted) ?? $unnamed[0] ?? null;
        $plan = $this->names->plan($sheet, $target?->key());
        $proposals = array_column($plan->names, null, 'id');
        $labels = [];
        foreach ($sheet->cards as $key => $card) {
            $labels[$key] = ! $card->isNamed ? $card->title() : self::withoutRoom((string) $card->slot->name, $card->room);
        }
        if ($target === null || ! $target->isIn()) {
            return new Move('name.done', static fn (): array => ['conflicts' => $plan->conflicts, 'target' => $target], new Lens(labels: $labels));
        }

        return new Move('name.move', static fn (): array => [
            'target' => $target,
            'proposal' => $proposals[$target->key()],
            'value' => $target->slot->name ?? $proposals[$target->key()]->name,
            'waiting' => $target->slot->name !== null && ! $target->isNamed,
            'conflicts' => array_values(array_filter($plan->conflicts, static fn ($conflict): bool => in_array($target->key(), $conflict->ids, true))),
            'unnamed' => count($unnamed),
            'then' => array_slice(array_values(array_filter($unnamed, static fn (SlotCard $card): bool => $card->key() !== $target->key())), 0, self::NEXT_SHOWN),
            'proposals' => $proposals,
        ], new Lens(labels: $labels), $target->key(), isLive: $target->slot->name !== null && ! $target->isNamed, note: 'pattern '.$sheet->job->name_pattern);
    }

    private static function withoutRoom(string $name, string $room): string
    {
        return str_starts_with($name, "{$room} ") ? Str::ucfirst(substr($name, strlen($room) + 1)) : $name;
    }
}
