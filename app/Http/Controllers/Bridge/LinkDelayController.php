<?php

declare(strict_types=1);

namespace App\Http\Controllers\Bridge;

use App\Http\Requests\Bridge\LinkDelayRequest;
use App\Models\SiteJob;
use App\Stations\Bridge\Linking;
use Illuminate\Http\RedirectResponse;

/** Somebody who is needed for a link is not there. */
final class LinkDelayController
{
    public function store(LinkDelayRequest $request, SiteJob $job, Linking $linking): RedirectResponse
    {
        $linking->putOff($job, $request->string('link')->toString(), $request->person());

        return redirect()->route('jobs.bridge', $job, 303);
    }
}
