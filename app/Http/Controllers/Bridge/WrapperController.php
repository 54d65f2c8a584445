<?php

declare(strict_types=1);

namespace App\Http\Controllers\Bridge;

use App\Http\Requests\Bridge\WrapperRequest;
use App\Http\Requests\JobRequest;
use App\Models\SiteJob;
use App\Models\Wrapper;
use App\Wrapping\Wrappers;
use Illuminate\Http\RedirectResponse;

/** A function that is lost is to show as another, which the hub makes of it. */
final class WrapperController
{
    public function store(WrapperRequest $request, SiteJob $job, Wrappers $wrappers): RedirectResponse
    {
        $wrappers->choose(
            $job,
            $request->string('slot')->toString(),
            $request->string('ecosystem')->toString(),
            $request->wrapping(),
            $request->person(),
        );

        return redirect()->route('jobs.bridge', $job, 303);
    }

    public function destroy(JobRequest $request, SiteJob $job, Wrapper $wrapper, Wrappers $wrappers): RedirectResponse
    {
        $wrappers->drop($job, $wrapper, $request->person());

        return redirect()->route('jobs.bridge', $job, 303);
    }
}
