<?php

declare(strict_types=1);

namespace App\Http\Controllers\Bridge;

use App\Http\Requests\JobRequest;
use App\Models\BridgeLink;
use App\Models\SiteJob;
use App\Stations\Bridge\Migrating;
use Illuminate\Http\RedirectResponse;

/** Links that are made. */
final class LinkController
{
    public function destroy(JobRequest $request, SiteJob $job, BridgeLink $bridgeLink, Migrating $migrating): RedirectResponse
    {
        $migrating->takeOut($job, $bridgeLink, $request->person());

        return redirect()->route('jobs.bridge', $job, 303);
    }
}
