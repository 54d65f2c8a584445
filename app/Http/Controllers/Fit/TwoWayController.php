<?php

declare(strict_types=1);

namespace App\Http\Controllers\Fit;

use App\Http\Requests\Fit\TwoWayRequest;
use App\Models\SiteJob;
use App\Models\Slot;
use App\Stations\Fit\Boxes;
use Illuminate\Http\RedirectResponse;

/** On which side of a two-way circuit a box is. */
final class TwoWayController
{
    public function update(TwoWayRequest $request, SiteJob $job, Slot $slot, Boxes $boxes): RedirectResponse
    {
        $boxes->twoWay($job, $slot, $request->test(), $request->person());

        return redirect($request->backToCard($slot), 303);
    }

    public function destroy(TwoWayRequest $request, SiteJob $job, Slot $slot, Boxes $boxes): RedirectResponse
    {
        $boxes->twoWay($job, $slot, null, $request->person());

        return redirect($request->backToCard($slot), 303);
    }
}
