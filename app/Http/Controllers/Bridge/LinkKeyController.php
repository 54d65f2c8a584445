<?php

declare(strict_types=1);

namespace App\Http\Controllers\Bridge;

use App\Http\Requests\Bridge\LinkKeyRequest;
use App\Http\Requests\JobRequest;
use App\Logbook\Logbook;
use App\Models\BridgeLink;
use App\Models\SiteJob;
use App\Stations\Bridge\Linking;
use Illuminate\Http\RedirectResponse;
use Illuminate\View\View;

/** A key goes from one side of a link to the other through the store; showing it is logged. */
final class LinkKeyController
{
    public function store(LinkKeyRequest $request, SiteJob $job, Linking $linking): RedirectResponse
    {
        $linking->keepKey($job, $request->string('link')->toString(), $request->string('secret')->trim()->toString(), $request->person());

        return redirect()->route('jobs.bridge', $job, 303);
    }

    public function show(JobRequest $request, SiteJob $job, BridgeLink $bridgeLink, Logbook $logbook): View
    {
        $credential = $bridgeLink->credentials()->firstOrFail();
        $logbook->write($job, $request->person(), 'secret', 'Looked at a key that is carried from one box to another.');

        return view('drawers.secret', ['job' => $job, 'of' => 'carried over', 'credential' => $credential]);
    }
}
