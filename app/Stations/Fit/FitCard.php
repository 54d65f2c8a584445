<?php

declare(strict_types=1);

namespace App\Stations\Fit;

use App\JobSheet\Catalogue;
use App\Models\User;
use Kavvel\Core\Fit\Alternative;
use Kavvel\Core\Fit\Alternatives;
use Kavvel\Core\Fit\BoxCautions;
use Kavvel\Core\Fit\CircuitWork;
use Kavvel\Core\Fit\FitMove;
use Kavvel\Core\Fit\FitTask;
use Kavvel\Core\Fit\FittingStop;
use Kavvel\Core\Fit\WiredSlot;
use Kavvel\Core\Fit\WorkStep;
use Kavvel\Core\Floorplan\RoomKind;

/** What the card of a device shows that goes into the wall. */
final readonly class FitCard
{
    public function of(WallWork $wall, FitMove $move, WallSlot $slot, User $person): ?CardInHand
    {
        if ($move->stop === null) {
            return null;
        }
        $step = $move->task === FitTask::Work ? self::step($slot, $person) : null;

        return new CardInHand(
            $slot,
            $move->stop,
            $move->task,
            $step,
            self::lens($move->task, $step),
            $move->task === FitTask::Settle ? self::alternatives($wall, $slot) : [],
            self::unsettled($wall, $move->stop, $slot),
            $person->signature(),
            $move->task === FitTask::TryByHand ? self::ended($wall, $slot) : null,
            self::cautions($wall, $slot),
            VanSheet::tools($wall, $slot),
        );
    }

    /** @return list<string> */
    private static function cautions(WallWork $wall, WallSlot $slot): array
    {
        $room = $wall->sheet->geometry->rooms[$slot->card->roomId];

        return BoxCautions::of($slot->fit->foundBox(), RoomKind::from($room['kind']), $room['name']);
    }

    private static function ended(WallWork $wall, WallSlot $slot): ?CircuitWork
    {
        return $wall->sheet->job->isolations()->where('circuit_id', $slot->circuit->id ?? 0)->whereNotNull('ended_at')
            ->latest('id')->first()?->core();
    }

    private static function step(WallSlot $slot, User $person): WorkStep
    {
        $now = Acting::now($person);

        return WorkStep::next($slot->work ?? CircuitWork::begin(), $slot->key(), $now, $slot->asksSide());
    }

    private static function lens(FitTask $task, ?WorkStep $step): FitLens
    {
        return match (true) {
            $task === FitTask::LookIntoBox, $task === FitTask::Settle => FitLens::Box,
            $step === WorkStep::Wire, $step === WorkStep::Open => FitLens::Wires,
            $step !== null, $task === FitTask::SwitchOn => FitLens::Dead,
            default => FitLens::Plan,
        };
    }

    /** @return list<Alternative> */
    private static function alternatives(WallWork $wall, WallSlot $slot): array
    {
        $box = $slot->fit->foundBox();

        return $box === null ? [] : Alternatives::of(
            $slot->card->profile,
            array_values(Catalogue::of($wall->sheet->job->region)),
            $box,
            $slot->loads,
        );
    }

    /** @return list<WallSlot> */
    private static function unsettled(WallWork $wall, FittingStop $stop, WallSlot $slot): array
    {
        $others = array_filter($stop->unsettled(), static fn (WiredSlot $one): bool => $one->key !== $slot->key());

        return array_values(array_map(static fn (WiredSlot $one): WallSlot => $wall->slots[$one->key], $others));
    }
}
