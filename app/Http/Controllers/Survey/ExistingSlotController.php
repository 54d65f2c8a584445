<?php

declare(strict_types=1);

namespace App\Http\Controllers\Survey;

use App\Http\Requests\Survey\RoomOfJobRequest;
use App\Models\ExistingDevice;
use App\Models\SiteJob;
use App\Stations\Survey\Existing\ExistingDevices;
use Illuminate\Http\RedirectResponse;

/** The slot of a device that moves over. */
final class ExistingSlotController
{
    public function store(
        RoomOfJobRequest $request,
        SiteJob $job,
        ExistingDevice $existingDevice,
        ExistingDevices $devices,
    ): RedirectResponse {
        $devices->plan($job, $existingDevice, $request->room(), $request->person());

        return redirect()->route('jobs.survey', ['job' => $job, 'lens' => 'existing', 'at' => $existingDevice->key], 303);
    }
}
