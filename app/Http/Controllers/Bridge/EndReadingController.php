<?php

declare(strict_types=1);

namespace App\Http\Controllers\Bridge;

use App\Http\Requests\Bridge\EndReadingRequest;
use App\Http\Requests\JobRequest;
use App\Models\SiteJob;
use App\Models\Wrapper;
use App\Wrapping\Wrappers;
use Illuminate\Http\RedirectResponse;

/** What a device says it is at its ends: driven there by its hub, or read off by a person. */
final class EndReadingController
{
    public function store(EndReadingRequest $request, SiteJob $job, Wrapper $wrapper, Wrappers $wrappers): RedirectResponse
    {
        $value = $request->value();
        $isOpen = $request->boolean('open');
        $value === null
            ? $wrappers->drive($job, $wrapper, $isOpen, $request->person())
            : $wrappers->note($job, $wrapper, $isOpen, $value, $request->person());

        return $this->back($job, $wrapper);
    }

    /** One of them, or all: its ends are taught anew. */
    public function destroy(JobRequest $request, SiteJob $job, Wrapper $wrapper, Wrappers $wrappers): RedirectResponse
    {
        $request->filled('reading')
            ? $wrappers->takeBack($job, $wrapper, $request->integer('reading'), $request->person())
            : $wrappers->measureAnew($job, $wrapper, $request->person());

        return $this->back($job, $wrapper);
    }

    private function back(SiteJob $job, Wrapper $wrapper): RedirectResponse
    {
        return redirect()->route('jobs.bridge', ['job' => $job, 'at' => "wrap {$wrapper->id}"], 303);
    }
}
