<?php

declare(strict_types=1);

namespace App\Stations\Fit;

use App\JobSheet\JobSheet;
use App\JobSheet\SlotCard;
use App\Models\Circuit;
use App\Models\Isolation;
use App\Models\SiteJob;
use App\Models\Slot;
use App\Models\SlotFit;
use Illuminate\Database\Eloquent\Collection;
use Kavvel\Core\Fit\BoxFit;
use Kavvel\Core\Fit\CircuitWork;
use Kavvel\Core\Fit\FitCase;
use Kavvel\Core\Fit\FitMove;
use Kavvel\Core\Fit\FittingOrder;
use Kavvel\Core\Fit\FittingStop;
use Kavvel\Core\Fit\HangStep;
use Kavvel\Core\Fit\HungSlot;
use Kavvel\Core\Fit\SwitchedLoad;
use Kavvel\Core\Fit\WiredSlot;
use Kavvel\Core\Proving\Rung;

/** All of a job that goes into the wall: circuit by circuit, in the order in which it is fitted. */
final readonly class WallWork
{
    /**
     * @param  array<string, WallSlot>  $slots  by key, in the order of the plan
     * @param  array<string, HungBlind>  $blinds  by key, in the order of the plan
     * @param  array<string, Circuit>  $circuits  by key, in the order of the register
     * @param  array<string, Isolation>  $underWay  by key of the circuit
     * @param  list<FittingStop>  $stops
     */
    private function __construct(
        public JobSheet $sheet,
        public array $slots,
        public array $blinds,
        public array $circuits,
        public array $underWay,
        public array $stops,
    ) {}

    public static function of(JobSheet $sheet): self
    {
        $job = $sheet->job;
        $circuits = $job->circuits()->orderBy('id')->get();
        $fits = $job->slotFits()->get()->keyBy('slot_id');
        $underWay = $job->isolations()->whereNull('ended_at')->whereNotNull('circuit_id')->orderBy('id')->get()->keyBy('circuit_id');
        $work = $underWay->map(static fn (Isolation $one): CircuitWork => $one->core());
        $slots = $blinds = [];
        foreach ($sheet->cards as $key => $card) {
            $fit = $fits->get($card->slot->id) ?? new SlotFit(['site_job_id' => $job->id, 'slot_id' => $card->slot->id]);
            if ($card->isHung()) {
                $blinds[$key] = self::blind($sheet, $card, $fit);
            }
            if ($card->isWired()) {
                $slots[$key] = self::read($sheet, $card, $fit, $circuits->find($fit->circuit_id), $underWay, $work->all());
            }
        }
        $byKey = $circuits->keyBy('key')->all();

        return new self(
            $sheet,
            $slots,
            $blinds,
            $byKey,
            $underWay->mapWithKeys(static fn (Isolation $one): array => [
                (string) $circuits->find($one->circuit_id)?->key => $one,
            ])->all(),
            FittingOrder::of(array_values(array_map(static fn (WallSlot $one): WiredSlot => $one->core, $slots))),
        );
    }

    /** @throws FitRefused where the device goes into no box in the wall */
    public static function slotOf(SiteJob $job, Slot $slot): WallSlot
    {
        return self::of(JobSheet::of($job))->slot($slot->key) ?? throw FitRefused::goesIntoNoWall();
    }

    public function slot(?string $key): ?WallSlot
    {
        return $key === null ? null : $this->slots[$key] ?? null;
    }

    /** The one thing to do now; for one device where it is asked for. */
    public function move(string $person, ?string $chosen): FitMove
    {
        if (isset($this->blinds[(string) $chosen])) {
            return FitMove::hang($this->blinds[(string) $chosen]->core);
        }
        foreach ($this->stops as $stop) {
            foreach ($stop->slots as $slot) {
                if ($slot->key === $chosen) {
                    return FitMove::for($slot, $stop);
                }
            }
        }

        $blinds = array_map(static fn (HungBlind $one): HungSlot => $one->core, array_values($this->blinds));

        return FitMove::of($this->stops, $blinds, $person);
    }

    public function title(string $key): string
    {
        return $this->sheet->card($key)->called ?? $key;
    }

    public function fitted(): int
    {
        return count(array_filter([...array_values($this->slots), ...array_values($this->blinds)], static fn (
            WallSlot|HungBlind $one,
        ): bool => $one->core->isFitted));
    }

    public function all(): int
    {
        return count($this->slots) + count($this->blinds);
    }

    /** The circuit of the register that a device in its room most likely hangs on. */
    public function likely(WallSlot $slot): ?Circuit
    {
        $room = $this->sheet->geometry->rooms[$slot->card->roomId]['key'];

        return array_values(array_filter(
            $this->circuits,
            static fn (Circuit $one): bool => $one->core()->mayFeed($room, $slot->card->profile->load),
        ))[0] ?? null;
    }

    /**
     * @param  Collection<int, Isolation>  $underWay
     * @param  array<int, CircuitWork>  $work  by id of the circuit
     */
    private static function read(
        JobSheet $sheet,
        SlotCard $card,
        SlotFit $fit,
        ?Circuit $circuit,
        Collection $underWay,
        array $work,
    ): WallSlot {
        $room = $sheet->geometry->rooms[$card->roomId]['key'];
        $loads = $fit->switchedLoads() ?? SwitchedLoad::ofCircuit($circuit?->core(), $room, $card->profile->load);
        $box = $fit->foundBox();
        $sheetOf = $card->profile->fitSheet;
        $boxFit = $box === null || $sheetOf === null ? null : BoxFit::of(FitCase::of($sheetOf, $box, $loads));
        $own = $circuit === null ? null : $work[$circuit->id] ?? null;

        $isolation = $circuit === null ? null : $underWay->get($circuit->id);
        $core = new WiredSlot(
            $card->key(),
            $room,
            $circuit?->key,
            $boxFit,
            $own,
            $card->isFitted(),
            self::isTried($card),
            $card->profile->minutes->fit,
            $card->profile->isRouter,
            $sheetOf !== null && $fit->twoWayTest()?->isWrongFor($sheetOf) === true,
        );

        return new WallSlot($card, $fit, $circuit, $isolation, $own, $loads, $boxFit, $core);
    }

    private static function blind(JobSheet $sheet, SlotCard $card, SlotFit $fit): HungBlind
    {
        $room = $sheet->geometry->rooms[$card->roomId]['key'];

        $hanging = $fit->hanging(HangStep::of($card->profile));
        $core = new HungSlot($card->key(), $room, $hanging, $card->isFitted(), self::isTried($card), $card->profile->minutes->fit);

        return new HungBlind($card, $fit, $core);
    }

    private static function isTried(SlotCard $card): bool
    {
        return WiredSlot::isTakenAsTried($card->isIn(), $card->ladder->outcome(Rung::Hand));
    }
}
