<?php

declare(strict_types=1);

namespace App\Http\Controllers\Survey;

use App\Http\Requests\JobRequest;
use App\Http\Requests\Survey\ClosingRequest;
use App\Models\Closing;
use App\Models\SiteJob;
use App\Stations\Survey\Wiring\Closings;
use Illuminate\Http\RedirectResponse;

/** What closes, and when. */
final class ClosingController
{
    public function store(ClosingRequest $request, SiteJob $job, Closings $closings): RedirectResponse
    {
        $closings->add($job, $request->values(), $request->person());

        return $this->back($job);
    }

    public function update(ClosingRequest $request, SiteJob $job, Closing $closing, Closings $closings): RedirectResponse
    {
        $closings->change($job, $closing, $request->integer('lock_version'), $request->values(), $request->person());

        return $this->back($job);
    }

    public function destroy(JobRequest $request, SiteJob $job, Closing $closing, Closings $closings): RedirectResponse
    {
        $closings->remove($job, $closing, $request->person());

        return $this->back($job);
    }

    private function back(SiteJob $job): RedirectResponse
    {
        return redirect()->route('jobs.survey', ['job' => $job, 'lens' => 'closings'], 303);
    }
}
