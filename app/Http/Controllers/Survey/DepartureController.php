<?php

declare(strict_types=1);

namespace App\Http\Controllers\Survey;

use App\Http\Requests\JobRequest;
use App\Models\ExistingDevice;
use App\Models\SiteJob;
use App\Stations\Survey\Existing\ExistingDevices;
use Illuminate\Http\RedirectResponse;

/** A device that was there before has left what it was in; or it has not. */
final class DepartureController
{
    public function store(JobRequest $request, SiteJob $job, ExistingDevice $existingDevice, ExistingDevices $devices): RedirectResponse
    {
        $devices->left($job, $existingDevice, $request->person());

        return $request->input('from') === 'pair'
            ? redirect()->route('jobs.pair', ['job' => $job, 'next' => $existingDevice->slot?->key], 303)
            : redirect()->route('jobs.survey', ['job' => $job, 'lens' => 'existing'], 303);
    }

    public function destroy(JobRequest $request, SiteJob $job, ExistingDevice $existingDevice, ExistingDevices $devices): RedirectResponse
    {
        $devices->hasNotLeft($job, $existingDevice, $request->person());

        return redirect()->route('jobs.survey', ['job' => $job, 'lens' => 'existing', 'at' => $existingDevice->key], 303);
    }
}
