<?php

declare(strict_types=1);

namespace App\Http\Controllers\Bridge;

use App\Http\Requests\Bridge\MadeWrapperRequest;
use App\Models\SiteJob;
use App\Models\Wrapper;
use App\Wrapping\Wrappers;
use Illuminate\Http\RedirectResponse;

/** The hub makes it, or somebody has made it there. */
final class MadeWrapperController
{
    public function store(MadeWrapperRequest $request, SiteJob $job, Wrapper $wrapper, Wrappers $wrappers): RedirectResponse
    {
        $default = $request->string('default')->toString();
        $wrappers->make($job, $wrapper, $default, $request->boolean('by_hand'), $request->person());

        return redirect()->route('jobs.bridge', $job, 303);
    }
}
