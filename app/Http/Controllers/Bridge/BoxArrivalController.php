<?php

declare(strict_types=1);

namespace App\Http\Controllers\Bridge;

use App\Http\Requests\JobRequest;
use App\Models\BridgeBox;
use App\Models\SiteJob;
use App\Stations\Bridge\Boxes;
use Illuminate\Http\RedirectResponse;

/** A box that was weighed is there now. */
final class BoxArrivalController
{
    public function store(JobRequest $request, SiteJob $job, BridgeBox $bridgeBox, Boxes $boxes): RedirectResponse
    {
        $boxes->bring($job, $bridgeBox, $request->person());

        return redirect()->route('jobs.bridge', $job, 303);
    }
}
