<?php

declare(strict_types=1);

namespace App\Http\Controllers\Bridge;

use App\Http\Requests\Bridge\LinkActRequest;
use App\Http\Requests\Bridge\LinkBackRequest;
use App\Models\BridgeLink;
use App\Models\SiteJob;
use App\Stations\Bridge\Linking;
use Illuminate\Http\RedirectResponse;

/** Links are made act by act. */
final class LinkActController
{
    public function store(LinkActRequest $request, SiteJob $job, Linking $linking): RedirectResponse
    {
        $linking->done(
            $job,
            $request->string('link')->toString(),
            $request->integer('number'),
            $request->said(),
            $request->boolean('anyway'),
            $request->person(),
        );

        return redirect()->route('jobs.bridge', $job, 303);
    }

    public function destroy(LinkBackRequest $request, SiteJob $job, BridgeLink $bridgeLink, Linking $linking): RedirectResponse
    {
        $linking->back($job, $bridgeLink, $request->act(), $request->person());

        return redirect()->route('jobs.bridge', $job, 303);

    }
}
