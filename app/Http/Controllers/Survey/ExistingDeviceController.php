<?php

declare(strict_types=1);

namespace App\Http\Controllers\Survey;

use App\Http\Requests\JobRequest;
use App\Http\Requests\Survey\ExistingDeviceRequest;
use App\Models\ExistingDevice;
use App\Models\SiteJob;
use App\Stations\Survey\Existing\ExistingDevices;
use Illuminate\Http\RedirectResponse;

/** What the house had before. */
final class ExistingDeviceController
{
    public function store(ExistingDeviceRequest $request, SiteJob $job, ExistingDevices $devices): RedirectResponse
    {
        return $this->back($job, $devices->add($job, $request->values(), $request->person())->key);
    }

    public function update(
        ExistingDeviceRequest $request,
        SiteJob $job,
        ExistingDevice $existingDevice,
        ExistingDevices $devices,
    ): RedirectResponse {
        $devices->change($job, $existingDevice, $request->integer('lock_version'), $request->values(), $request->person());

        return $this->back($job, $existingDevice->key);
    }

    public function destroy(JobRequest $request, SiteJob $job, ExistingDevice $existingDevice, ExistingDevices $devices): RedirectResponse
    {
        $devices->remove($job, $existingDevice, $request->person());

        return $this->back($job);
    }

    private function back(SiteJob $job, ?string $at = null): RedirectResponse
    {
        return redirect()->route('jobs.survey', ['job' => $job, 'lens' => 'existing', 'at' => $at], 303);
    }
}
