<?php

declare(strict_types=1);

namespace App\Http\Controllers\Bridge;

use App\Http\Requests\Bridge\PlaceLinkRequest;
use App\Http\Requests\JobRequest;
use App\Models\Ecosystem;
use App\Models\SiteJob;
use App\Stations\Bridge\PlaceLinks;
use Illuminate\Http\RedirectResponse;

/** The link over which an ecosystem answers. */
final class EcosystemLinkController
{
    public function update(PlaceLinkRequest $request, SiteJob $job, Ecosystem $ecosystem, PlaceLinks $links): RedirectResponse
    {
        $links->link(
            $job,
            $ecosystem,
            $request->string('url')->trim()->toString(),
            $request->string('token')->trim()->toString(),
            $request->person(),
        );

        return redirect()->route('jobs.bridge', ['job' => $job, 'lens' => 'boxes', 'at' => "ecosystem {$ecosystem->key}"], 303);
    }

    public function destroy(JobRequest $request, SiteJob $job, Ecosystem $ecosystem, PlaceLinks $links): RedirectResponse
    {
        $links->unlink($job, $ecosystem, $request->person());

        return redirect()->route('jobs.bridge', ['job' => $job, 'lens' => 'boxes', 'at' => "ecosystem {$ecosystem->key}"], 303);
    }
}
