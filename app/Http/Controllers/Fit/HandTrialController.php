<?php

declare(strict_types=1);

namespace App\Http\Controllers\Fit;

use App\Http\Requests\Fit\HandTrialRequest;
use App\Models\SiteJob;
use App\Models\Slot;
use App\Stations\Fit\HandTrials;
use Illuminate\Http\RedirectResponse;

/** A device tried by hand once its circuit is live: the first rung. */
final class HandTrialController
{
    public function store(HandTrialRequest $request, SiteJob $job, Slot $slot, HandTrials $trials): RedirectResponse
    {
        $reason = $request->string('reason')->squish()->toString() ?: null;
        $trials->note($job, $slot, $request->outcome(), $reason, $request->person());

        return redirect()->route('jobs.fit', $job, 303);
    }
}
