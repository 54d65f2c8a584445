<?php

declare(strict_types=1);

namespace App\Http\Controllers\Pair;

use App\Http\Requests\Pair\GatheringRequest;
use App\Models\SiteJob;
use App\Stations\Pair\JoinWindows;
use Illuminate\Http\RedirectResponse;

/** A window for whatever is ready. */
final class GatheringController
{
    public function store(GatheringRequest $request, SiteJob $job, JoinWindows $windows): RedirectResponse
    {
        $windows->gather($job, $request->protocol(), $request->person());

        return redirect()->route('jobs.name', [$job, 'lens' => 'who'], 303);
    }
}
