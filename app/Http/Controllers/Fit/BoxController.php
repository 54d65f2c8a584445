<?php

declare(strict_types=1);

namespace App\Http\Controllers\Fit;

use App\Http\Requests\Fit\FoundBoxRequest;
use App\Models\SiteJob;
use App\Models\Slot;
use App\Stations\Fit\Boxes;
use Illuminate\Http\RedirectResponse;

/** The box that a device goes into. */
final class BoxController
{
    public function update(FoundBoxRequest $request, SiteJob $job, Slot $slot, Boxes $boxes): RedirectResponse
    {
        $boxes->noteBox($job, $slot, $request->integer('lock_version'), $request->box(), $request->person());

        return redirect($request->backToCard($slot), 303);
    }
}
