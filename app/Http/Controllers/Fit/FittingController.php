<?php

declare(strict_types=1);

namespace App\Http\Controllers\Fit;

use App\Http\Requests\Fit\FitRequest;
use App\Models\SiteJob;
use App\Models\Slot;
use App\Stations\Fit\Boxes;
use Illuminate\Http\RedirectResponse;

/** That a device is in the wall. */
final class FittingController
{
    /** It comes out again. */
    public function destroy(FitRequest $request, SiteJob $job, Slot $slot, Boxes $boxes): RedirectResponse
    {
        $boxes->takeOut($job, $slot, $request->person());

        return redirect($request->backToCard($slot), 303);
    }
}
