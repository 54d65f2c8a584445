<?php

declare(strict_types=1);

namespace App\Http\Controllers\Survey;

use App\Http\Requests\JobRequest;
use App\Models\Closing;
use App\Models\SiteJob;
use App\Stations\Survey\Wiring\Closings;
use Illuminate\Http\RedirectResponse;

/** It is closed: nobody gets at what lies behind it. Or it is open after all. */
final class ClosedController
{
    public function store(JobRequest $request, SiteJob $job, Closing $closing, Closings $closings): RedirectResponse
    {
        $closings->close($job, $closing, $request->person());

        return redirect()->route('jobs.survey', ['job' => $job, 'lens' => 'closings'], 303);
    }

    public function destroy(JobRequest $request, SiteJob $job, Closing $closing, Closings $closings): RedirectResponse
    {
        $closings->reopen($job, $closing, $request->person());

        return redirect()->route('jobs.survey', ['job' => $job, 'lens' => 'closings', 'at' => "closing {$closing->key}"], 303);
    }
}
