<?php

declare(strict_types=1);

namespace App\Http\Controllers\Bridge;

use App\Http\Requests\Bridge\EcosystemRequest;
use App\Http\Requests\JobRequest;
use App\Models\Ecosystem;
use App\Models\SiteJob;
use App\Stations\Bridge\Ecosystems;
use Illuminate\Http\RedirectResponse;

/** From where the client uses devices, or wants to. */
final class EcosystemController
{
    public function store(EcosystemRequest $request, SiteJob $job, Ecosystems $all): RedirectResponse
    {
        $one = $all->add($job, $request->values(), $request->person());

        return $this->back($job, "ecosystem {$one->key}");
    }

    public function update(EcosystemRequest $request, SiteJob $job, Ecosystem $ecosystem, Ecosystems $all): RedirectResponse
    {
        $all->change($job, $ecosystem, $request->integer('lock_version'), $request->values(), $request->person());

        return $this->back($job, "ecosystem {$ecosystem->key}");
    }

    public function destroy(JobRequest $request, SiteJob $job, Ecosystem $ecosystem, Ecosystems $all): RedirectResponse
    {
        $all->remove($job, $ecosystem, $request->integer('seen'), $request->person());

        return $this->back($job);
    }

    private function back(SiteJob $job, ?string $at = null): RedirectResponse
    {
        return redirect()->route('jobs.bridge', ['job' => $job, 'lens' => 'boxes', 'at' => $at], 303);
    }
}
