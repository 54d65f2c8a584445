<?php

declare(strict_types=1);

namespace App\Http\Controllers\Fit;

use App\Http\Requests\Fit\SlotCircuitRequest;
use App\Models\SiteJob;
use App\Models\Slot;
use App\Stations\Fit\Boxes;
use Illuminate\Http\RedirectResponse;

/** The circuit that a device hangs on. */
final class SlotCircuitController
{
    public function update(SlotCircuitRequest $request, SiteJob $job, Slot $slot, Boxes $boxes): RedirectResponse
    {
        $boxes->sayCircuit($job, $slot, $request->circuit(), $request->person());

        return redirect($request->backToCard($slot), 303);
    }
}
