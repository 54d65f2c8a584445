<?php

declare(strict_types=1);

namespace App\Http\Controllers\Bridge;

use App\Http\Requests\Bridge\PlaceLinkRequest;
use App\Http\Requests\JobRequest;
use App\Models\BridgeBox;
use App\Models\Ecosystem;
use App\Models\SiteJob;
use App\Stations\Bridge\PlaceLinks;
use Illuminate\Http\RedirectResponse;

/** The links over which ecosystems and boxes answer. */
final class PlaceLinkController
{
    public function __construct(private readonly PlaceLinks $links) {}

    public function linkEcosystem(PlaceLinkRequest $request, SiteJob $job, Ecosystem $ecosystem): RedirectResponse
    {
        $this->links->link($job, $ecosystem, $request->address(), $request->token(), $request->person());

        return $this->back($job, "ecosystem {$ecosystem->key}");
    }

    public function linkBox(PlaceLinkRequest $request, SiteJob $job, BridgeBox $bridgeBox): RedirectResponse
    {
        $this->links->link($job, $bridgeBox, $request->address(), $request->token(), $request->person());

        return $this->back($job, "box {$bridgeBox->key}");
    }

    public function unlinkEcosystem(JobRequest $request, SiteJob $job, Ecosystem $ecosystem): RedirectResponse
    {
        $this->links->unlink($job, $ecosystem, $request->person());

        return $this->back($job, "ecosystem {$ecosystem->key}");
    }

    public function unlinkBox(JobRequest $request, SiteJob $job, BridgeBox $bridgeBox): RedirectResponse
    {
        $this->links->unlink($job, $bridgeBox, $request->person());

        return $this->back($job, "box {$bridgeBox->key}");
    }

    private function back(SiteJob $job, string $at): RedirectResponse
    {
        return redirect()->route('jobs.bridge', ['job' => $job, 'lens' => 'boxes', 'at' => $at], 303);
    }
}
