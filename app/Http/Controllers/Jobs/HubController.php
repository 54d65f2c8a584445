<?php

declare(strict_types=1);

namespace App\Http\Controllers\Jobs;

use App\Http\Requests\JobRequest;
use App\Http\Requests\Jobs\HubLinkRequest;
use App\Http\Requests\Jobs\HubRequest;
use App\JobList\HubLinks;
use App\Models\Gateway;
use App\Models\SiteJob;
use Illuminate\Http\RedirectResponse;

/** The hubs of a job, and their links. */
final class HubController
{
    public function store(HubRequest $request, SiteJob $job, HubLinks $hubs): RedirectResponse
    {
        $hub = $hubs->add($job, $request->room(), $request->string('name')->squish()->toString(), $request->person());

        return redirect()->to($request->back(), 303)
            ->with('saved', "{$hub->name} is on the plan. Once it is on site, link it on the page of all jobs.");
    }

    /** Links it: asks it who it is first. */
    public function update(HubLinkRequest $request, SiteJob $job, Gateway $gateway, HubLinks $hubs): RedirectResponse
    {
        $hubs->link($job, $gateway, $request->string('url')->toString(), $request->string('token')->toString(), $request->person());

        return redirect()->route('jobs.index', status: 303)->with('saved', "{$gateway->name} answers, and is linked.");
    }

    /** Takes the link off; what was heard over it stays. */
    public function destroy(JobRequest $request, SiteJob $job, Gateway $gateway, HubLinks $hubs): RedirectResponse
    {
        $hubs->unlink($job, $gateway, $request->person());

        return redirect()->route('jobs.index', status: 303)->with('saved', "{$gateway->name} is not linked any more. Its devices stay.");
    }
}
