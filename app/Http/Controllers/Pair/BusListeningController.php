<?php

declare(strict_types=1);

namespace App\Http\Controllers\Pair;

use App\Http\Requests\JobRequest;
use App\Models\SiteJob;
use App\Stations\Pair\BusListening;
use Illuminate\Http\RedirectResponse;

/** A hub listens to the wired bus. */
final class BusListeningController
{
    public function store(JobRequest $request, SiteJob $job, BusListening $listening): RedirectResponse
    {
        $listening->begin($job, $request->person());

        return redirect()->route('jobs.pair', ['job' => $job, 'lens' => 'bus'], 303);
    }

    public function destroy(JobRequest $request, SiteJob $job, BusListening $listening): RedirectResponse
    {
        $listening->end($job, $request->person());

        return redirect()->route('jobs.pair', ['job' => $job, 'lens' => 'bus'], 303);
    }
}
