<?php

declare(strict_types=1);

namespace App\Stations\Name;

use App\Floorplan\PlanHistory;
use App\JobSheet\JobSheet;
use App\JobSheet\SlotCard;
use App\Naming\JobNames;
use App\Naming\RenameAsk;
use App\Plan\Lens;
use App\Stations\Asked;
use App\Stations\Legend;
use App\Stations\Move;
use Kavvel\Core\Naming\Rename;

/** Devices into their rooms: dragged on the plan, or by the name of the room; and what their names become with it. */
final readonly class RoomsMove
{
    /** @param array<string, string> $labels of the plan */
    public function of(JobSheet $sheet, Asked $asked, array $labels): Move
    {
        $target = $sheet->card($asked->slot) ?? $sheet->card($asked->next);

        return new Move(
            'name.rooms',
            static fn (): array => [
                'target' => $target,
                'proposed' => $target === null ? null : self::proposed($sheet, $target),
                'last' => PlanHistory::of($sheet->job)->last,
            ],
            new Lens(labels: $labels, isArranged: true),
            new Legend('drag a device, or move it by the arrow keys'),
            $target?->key(),
            lenses: NameLens::titles(),
            chosenLens: NameLens::Rooms->value,
        );
    }

    /** What the pattern calls it where it is now, if it is called otherwise. */
    private static function proposed(JobSheet $sheet, SlotCard $card): ?Rename
    {
        if ($card->slot->name === null) {
            return null;
        }
        $plan = JobNames::of($sheet)->rename(RenameAsk::allByPattern());
        foreach ($plan->renames as $rename) {
            if ($rename->id === $card->key()) {
                return $rename;
            }
        }

        return null;
    }
}
