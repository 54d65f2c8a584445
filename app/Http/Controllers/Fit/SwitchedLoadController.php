<?php

declare(strict_types=1);

namespace App\Http\Controllers\Fit;

use App\Http\Requests\Fit\FitRequest;
use App\Http\Requests\Fit\SwitchedLoadRequest;
use App\Models\SiteJob;
use App\Models\Slot;
use App\Stations\Fit\Boxes;
use Illuminate\Http\RedirectResponse;

/** What a device switches. */
final class SwitchedLoadController
{
    public function update(SwitchedLoadRequest $request, SiteJob $job, Slot $slot, Boxes $boxes): RedirectResponse
    {
        $boxes->sayLoads($job, $slot, [$request->load()], $request->person());

        return redirect($request->backToCard($slot), 303);
    }

    /** What the register says of its circuit, after all. */
    public function destroy(FitRequest $request, SiteJob $job, Slot $slot, Boxes $boxes): RedirectResponse
    {
        $boxes->sayLoads($job, $slot, null, $request->person());

        return redirect($request->backToCard($slot), 303);
    }
}
