<?php

declare(strict_types=1);

namespace App\Http\Controllers\Survey;

use App\Http\Requests\Survey\PlugLoadRequest;
use App\Models\SiteJob;
use App\Models\Slot;
use App\Stations\Survey\Wants\PlugLoads;
use Illuminate\Http\RedirectResponse;

/** What a plug feeds. */
final class PlugLoadController
{
    public function update(PlugLoadRequest $request, SiteJob $job, Slot $slot, PlugLoads $loads): RedirectResponse
    {
        $loads->note($job, $slot, $request->integer('lock_version'), $request->load(), $request->person());

        return redirect($request->backToSlot($slot), 303);
    }
}
