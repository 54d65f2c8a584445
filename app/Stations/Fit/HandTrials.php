<?php

declare(strict_types=1);

namespace App\Stations\Fit;

use App\JobSheet\JobSheet;
use App\Models\SiteJob;
use App\Models\Slot;
use App\Models\User;
use App\Proving\Proofs;
use Kavvel\Core\Proving\Outcome;
use Kavvel\Core\Proving\Rung;

/** Notes whether a device works by hand once its circuit is live: the first rung. */
final readonly class HandTrials
{
    public function __construct(private Proofs $proofs) {}

    /** @throws FitRefused */
    public function note(SiteJob $job, Slot $slot, Outcome $outcome, ?string $reason, User $person): void
    {
        $all = WallWork::of(JobSheet::of($job));
        $wall = $all->slot($slot->key);
        if ($wall === null && ! isset($all->blinds[$slot->key])) {
            throw FitRefused::goesIntoNoWall();
        }
        if ($wall?->work?->isOff() === true && $outcome !== Outcome::NotTested) {
            throw FitRefused::circuitIsOff((string) $wall->circuit?->label);
        }
        $this->proofs->note($slot, Rung::Hand, $outcome, $person, $reason);
    }
}
