<?php

declare(strict_types=1);

namespace App\Http\Controllers\Pair;

use App\Http\Requests\JobRequest;
use App\Models\SiteJob;
use App\Models\Slot;
use App\Stations\Pair\Departures;
use Illuminate\Http\RedirectResponse;

/** A device leaves our network: excluded, or let go by its hub. */
final class DepartureController
{
    public function store(JobRequest $request, SiteJob $job, Slot $slot, Departures $departures): RedirectResponse
    {
        $departures->begin($job, $slot, $request->person());

        return redirect()->route('jobs.pair', ['job' => $job, 'next' => $slot->key], 303);
    }
}
