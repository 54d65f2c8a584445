<?php

declare(strict_types=1);

namespace App\Http\Controllers\Survey;

use App\Http\Requests\JobRequest;
use App\Http\Requests\Survey\SiteWorkRequest;
use App\Models\SiteJob;
use App\Models\TradeWork;
use App\Stations\Survey\Wiring\Closings;
use Illuminate\Http\RedirectResponse;

/** What others do on site: a trade that worked in a room, a designer who counted. */
final class SiteWorkController
{
    public function store(SiteWorkRequest $request, SiteJob $job, Closings $closings): RedirectResponse
    {
        $closings->worked($job, $request->room(), $request->string('trade')->squish()->toString(), $request->person());

        return redirect()->route('jobs.survey', ['job' => $job, 'lens' => 'closings'], 303);
    }

    public function update(SiteWorkRequest $request, SiteJob $job, Closings $closings): RedirectResponse
    {
        $purpose = $request->string('purpose')->lower()->squish()->toString();
        $closings->count($job, $purpose, $request->filled('count') ? $request->integer('count') : null, $request->person());

        return redirect()->route('jobs.survey', ['job' => $job, 'lens' => 'closings'], 303);
    }

    public function destroy(JobRequest $request, SiteJob $job, TradeWork $tradeWork, Closings $closings): RedirectResponse
    {
        $closings->didNotWork($job, $tradeWork, $request->person());

        return redirect()->route('jobs.survey', ['job' => $job, 'lens' => 'closings'], 303);
    }
}
