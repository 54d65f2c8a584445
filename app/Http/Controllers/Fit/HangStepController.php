<?php

declare(strict_types=1);

namespace App\Http\Controllers\Fit;

use App\Http\Requests\Fit\HangStepRequest;
use App\Models\SiteJob;
use App\Models\Slot;
use App\Stations\Fit\Blinds;
use Illuminate\Http\RedirectResponse;

/** How far a powered blind is. */
final class HangStepController
{
    public function store(HangStepRequest $request, SiteJob $job, Slot $slot, Blinds $blinds): RedirectResponse
    {
        $blinds->do($job, $slot, $request->step(), $request->string('fixing')->toString() ?: null, $request->person());

        return redirect($request->backToCard($slot), 303);
    }

    public function destroy(HangStepRequest $request, SiteJob $job, Slot $slot, Blinds $blinds): RedirectResponse
    {
        $blinds->undo($job, $slot, $request->step(), $request->person());

        return redirect($request->backToCard($slot), 303);
    }
}
