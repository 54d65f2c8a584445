<?php

declare(strict_types=1);

namespace App\Stations\Name;

use App\JobSheet\JobCounts;
use App\JobSheet\JobSheet;
use App\JobSheet\SlotCard;
use App\Naming\JobNames;
use App\Plan\Lens;
use App\Stations\Asked;
use App\Stations\Legend;
use App\Stations\Move;
use App\Stations\Progress;
use App\Stations\Station;
use Kavvel\Core\Naming\Device;

/** The next device that is in and has no name, with the name that the pattern gives it. */
final readonly class NameStation implements Station
{
    private const NEXT_SHOWN = 5;

    public function __construct(private WhoMove $who, private NamesMove $names, private RoomsMove $rooms) {}

    public function number(): int
    {
        return 4;
    }

    public function title(): string
    {
        return 'Name';
    }

    public function progress(JobSheet $sheet, JobCounts $counts): Progress
    {
        $named = count(array_filter($sheet->cards, static fn (SlotCard $card): bool => $card->isNamed));
        $open = count($this->unnamed($sheet));

        return new Progress($named / max(1, count($sheet->cards)), $open, $open === 0 ? '' : "{$open} to name");
    }

    public function move(JobSheet $sheet, JobCounts $counts, Asked $asked): Move
    {
        $labels = array_map(static fn (SlotCard $card): string => self::label($card), $sheet->cards);

        return match (NameLens::tryFrom((string) $asked->lens) ?? NameLens::Plan) {
            NameLens::Plan => $this->naming($sheet, $asked, new Lens(labels: $labels)),
            NameLens::Who => $this->who->of($sheet, $asked, $labels),
            NameLens::Names => $this->names->of($sheet, $asked),
            NameLens::Rooms => $this->rooms->of($sheet, $asked, $labels),
        };
    }

    private function naming(JobSheet $sheet, Asked $asked, Lens $lens): Move
    {
        $unnamed = $this->unnamed($sheet);
        $target = $sheet->card($asked->next) ?? $unnamed[0] ?? null;
        if ($target === null || ! $target->isIn()) {
            return new Move('name.done', static fn (): array => [
                'conflicts' => JobNames::of($sheet)->conflicts(),
                'target' => $target,
            ], $lens, lenses: NameLens::titles(), chosenLens: NameLens::Plan->value);
        }
        $isWaiting = $target->slot->name !== null && ! $target->isNamed && $target->slot->name_refused === null;

        return new Move(
            'name.move',
            fn (): array => $this->card($sheet, $target, $unnamed, $isWaiting),
            $lens,
            new Legend("pattern {$sheet->job->name_pattern}"),
            $target->key(),
            $isWaiting,
            lenses: NameLens::titles(),
            chosenLens: NameLens::Plan->value,
        );
    }

    /**
     * @param  list<SlotCard>  $unnamed
     * @return array<string, mixed>
     */
    private function card(JobSheet $sheet, SlotCard $target, array $unnamed, bool $isWaiting): array
    {
        $names = JobNames::of($sheet);
        $judgement = $names->judge($target->key());
        $others = array_values(array_filter($unnamed, static fn (SlotCard $card): bool => $card->key() !== $target->key()));
        $kept = array_values(array_filter($others, static fn (SlotCard $card): bool => $card->slot->name_refused !== null));
        $isNext = static fn (SlotCard $card): bool => $card->slot->name_refused === null;
        $then = array_slice(array_values(array_filter($others, $isNext)), 0, self::NEXT_SHOWN);

        return [
            'target' => $target,
            'judgement' => $judgement,
            'forms' => $names->platformForms($judgement),
            'device' => $names->device($target->key()),
            'waiting' => $isWaiting,
            'unnamed' => count($unnamed),
            'then' => $then,
            'kept' => $kept,
            'names' => $names->names(array_map(static fn (SlotCard $card): string => $card->key(), $then)),
        ];
    }

    /** @return list<SlotCard> those that are in and have not taken a name */
    private function unnamed(JobSheet $sheet): array
    {
        return array_values(array_filter($sheet->cards, static fn (SlotCard $card): bool => $card->isIn() && ! $card->isNamed));
    }

    /** What stands under its plate: the name without its room, which the plan shows. */
    private static function label(SlotCard $card): string
    {
        if (! $card->isNamed) {
            return $card->title();
        }
        $device = new Device($card->key(), $card->room, '', '', null, (string) $card->slot->name);

        return str($device->withinRoom())->ucfirst()->toString();
    }
}
