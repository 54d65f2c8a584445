<?php

declare(strict_types=1);

namespace App\Http\Controllers\Bridge;

use App\Http\Requests\Bridge\PlaceLinkRequest;
use App\Http\Requests\JobRequest;
use App\Models\BridgeBox;
use App\Models\SiteJob;
use App\Stations\Bridge\PlaceLinks;
use Illuminate\Http\RedirectResponse;

/** The link over which a box answers. */
final class BoxLinkController
{
    public function update(PlaceLinkRequest $request, SiteJob $job, BridgeBox $bridgeBox, PlaceLinks $links): RedirectResponse
    {
        $links->link(
            $job,
            $bridgeBox,
            $request->string('url')->trim()->toString(),
            $request->string('token')->trim()->toString(),
            $request->person(),
        );

        return redirect()->route('jobs.bridge', ['job' => $job, 'lens' => 'boxes', 'at' => "box {$bridgeBox->key}"], 303);
    }

    public function destroy(JobRequest $request, SiteJob $job, BridgeBox $bridgeBox, PlaceLinks $links): RedirectResponse
    {
        $links->unlink($job, $bridgeBox, $request->person());

        return redirect()->route('jobs.bridge', ['job' => $job, 'lens' => 'boxes', 'at' => "box {$bridgeBox->key}"], 303);
    }
}
