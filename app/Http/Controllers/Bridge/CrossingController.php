<?php

declare(strict_types=1);

namespace App\Http\Controllers\Bridge;

use App\Http\Requests\Bridge\CrossingRequest;
use App\Models\SiteJob;
use App\Stations\Bridge\Crossings;
use Illuminate\Http\RedirectResponse;

/** A device is operated from every ecosystem and looked at in every one. */
final class CrossingController
{
    public function store(CrossingRequest $request, SiteJob $job, Crossings $crossings): RedirectResponse
    {
        $slot = $request->string('slot')->toString();
        $crossings->begin($job, $slot, $request->person());

        return redirect()->route('jobs.bridge', ['job' => $job, 'at' => "cross {$slot}"], 303);
    }

    public function destroy(CrossingRequest $request, SiteJob $job, Crossings $crossings): RedirectResponse
    {
        $crossings->stop($job, $request->person());

        return redirect()->route('jobs.bridge', ['job' => $job, 'at' => 'cross '.$request->string('slot')->toString()], 303);
    }
}
