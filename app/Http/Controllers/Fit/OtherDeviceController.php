<?php

declare(strict_types=1);

namespace App\Http\Controllers\Fit;

use App\Http\Requests\Fit\OtherDeviceRequest;
use App\Models\SiteJob;
use App\Models\Slot;
use App\Stations\Fit\OtherDevices;
use Illuminate\Http\RedirectResponse;

/** Another device instead of the planned one. */
final class OtherDeviceController
{
    public function update(OtherDeviceRequest $request, SiteJob $job, Slot $slot, OtherDevices $others): RedirectResponse
    {
        $others->take($job, $slot, $request->integer('lock_version'), $request->profile(), $request->person());

        return redirect($request->backToCard($slot), 303);
    }
}
