<?php

declare(strict_types=1);

namespace App\Stations\Fit;

use App\Editing\OptimisticLock;
use App\Logbook\Logbook;
use App\Models\Profile;
use App\Models\SiteJob;
use App\Models\Slot;
use App\Models\User;
use App\Radio\Forecasts;

/** Takes another device of the catalogue where the planned one does not go in. */
final readonly class OtherDevices
{
    public function __construct(private OptimisticLock $lock, private Forecasts $forecasts, private Logbook $logbook) {}

    /** @throws FitRefused */
    public function take(SiteJob $job, Slot $slot, int $seenVersion, Profile $profile, User $person): void
    {
        $wall = WallWork::slotOf($job, $slot);
        if ($wall->work?->box($slot->key)?->isOpen() === true) {
            throw FitRefused::isUnderWork();
        }
        if ($wall->card->isIn() || $wall->core->isFitted) {
            throw FitRefused::isFitted();
        }
        $this->lock->update($slot, $seenVersion, ['profile_id' => $profile->id], "the {$slot->title()}", []);
        $name = $profile->core($job->region)->name;
        $this->logbook->write($job, $person, 'fit', "The {$slot->title()} will be another device: {$name}.", $slot);
        $this->forecasts->planChanged($job);
    }
}
