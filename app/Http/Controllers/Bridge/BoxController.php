<?php

declare(strict_types=1);

namespace App\Http\Controllers\Bridge;

use App\Http\Requests\Bridge\BoxRequest;
use App\Http\Requests\JobRequest;
use App\Models\BridgeBox;
use App\Models\SiteJob;
use App\Stations\Bridge\Boxes;
use Illuminate\Http\RedirectResponse;

/** Boxes and services between devices and ecosystems. */
final class BoxController
{
    public function store(BoxRequest $request, SiteJob $job, Boxes $all): RedirectResponse
    {
        $one = $all->add($job, $request->values(), $request->person());

        return $this->back($job, "box {$one->key}");
    }

    public function update(BoxRequest $request, SiteJob $job, BridgeBox $bridgeBox, Boxes $all): RedirectResponse
    {
        $all->change($job, $bridgeBox, $request->integer('lock_version'), $request->values(), $request->person());

        return $this->back($job, "box {$bridgeBox->key}");
    }

    public function destroy(JobRequest $request, SiteJob $job, BridgeBox $bridgeBox, Boxes $all): RedirectResponse
    {
        $all->remove($job, $bridgeBox, $request->integer('seen'), $request->person());

        return $this->back($job);
    }

    private function back(SiteJob $job, ?string $at = null): RedirectResponse
    {
        return redirect()->route('jobs.bridge', ['job' => $job, 'lens' => 'boxes', 'at' => $at], 303);
    }
}
