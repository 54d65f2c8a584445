<?php

declare(strict_types=1);

namespace App\Stations\Fit;

use App\JobSheet\JobSheet;
use App\Logbook\Logbook;
use App\Models\SiteJob;
use App\Models\Slot;
use App\Models\TemporaryState;
use App\Models\User;
use App\Proving\Proofs;
use App\Temporary\TemporaryStates;
use Illuminate\Support\Str;
use Kavvel\Core\Fit\Hanging;
use Kavvel\Core\Fit\HangStep;
use Kavvel\Core\Fit\WorkRefused;

/** Writes down how far a powered blind or a lock is: up, safe, taught. */
final readonly class Blinds
{
    public function __construct(private Logbook $logbook, private TemporaryStates $temporary, private Proofs $proofs) {}

    /**
     * @param  string|null  $fixing  where it is the step of hanging it: by screws or by adhesive
     *
     * @throws FitRefused
     */
    public function do(SiteJob $job, Slot $slot, HangStep $step, ?string $fixing, User $person): void
    {
        $blind = $this->blind($job, $slot);
        $act = Acting::now($person);
        try {
            $hanging = $step === HangStep::Mounted
                ? $blind->core->hanging->hang($fixing ?? Hanging::SCREWS, $act)
                : $blind->core->hanging->do($step, $act);
        } catch (WorkRefused $refused) {
            throw FitRefused::bySafety($refused);
        }
        $this->write($blind, $hanging, $person);
        $how = $step === HangStep::Mounted ? ", {$hanging->fixing}" : '';
        $this->logbook->write($job, $person, 'fit', Str::ucfirst($slot->title()).": {$step->done()}{$how}.", $slot);
        if ($step === HangStep::Mounted) {
            $this->followFixing($job, $slot, $hanging, $person);
        }
    }

    /** @throws FitRefused */
    public function undo(SiteJob $job, Slot $slot, HangStep $step, User $person): void
    {
        $blind = $this->blind($job, $slot);
        $this->write($blind, $blind->core->hanging->undo($step), $person);
        $this->logbook->write($job, $person, 'fit', Str::ucfirst($slot->title()).": not {$step->done()} after all.", $slot);
    }

    /** Adhesive is for trying: it stays open until screws hold the blind. */
    private function followFixing(SiteJob $job, Slot $slot, Hanging $hanging, User $person): void
    {
        $what = 'Adhesive holds the '.$slot->title();
        if ($hanging->fixing === Hanging::ADHESIVE) {
            $this->temporary->open($job, $what, $slot, null, $person);

            return;
        }
        TemporaryStates::openOf($job)
            ->filter(static fn (TemporaryState $one): bool => $one->what === $what && $one->slot_id === $slot->id)
            ->each(fn (TemporaryState $one) => $this->temporary->close($job, $one, $person));
    }

    private function write(HungBlind $blind, Hanging $hanging, User $person): void
    {
        $isDone = $hanging->isDone();
        if ($isDone !== ($blind->fit->fitted_at !== null)) {
            $this->proofs->movedByHand($blind->card->slot);
        }
        $blind->fit->note([
            'hung' => $hanging->row(),
            'fitted_at' => $isDone ? $blind->fit->fitted_at ?? now() : null,
            'fitted_by' => $isDone ? $blind->fit->fitted_by ?? $person->name : null,
        ]);
    }

    /** @throws FitRefused */
    private function blind(SiteJob $job, Slot $slot): HungBlind
    {
        return WallWork::of(JobSheet::of($job))->blinds[$slot->key] ?? throw FitRefused::isNoBlind();
    }
}
