<?php

declare(strict_types=1);

namespace App\Http\Controllers\Bridge;

use App\Http\Requests\Bridge\LinkTellingRequest;
use App\Models\SiteJob;
use App\Stations\Bridge\Linking;
use Illuminate\Http\RedirectResponse;

/** A box or an ecosystem does an act of a link by itself. */
final class LinkTellingController
{
    public function store(LinkTellingRequest $request, SiteJob $job, Linking $linking): RedirectResponse
    {
        $linking->tell($job, $request->string('link')->toString(), $request->integer('number'), $request->person());

        return redirect()->route('jobs.bridge', $job, 303);
    }
}
