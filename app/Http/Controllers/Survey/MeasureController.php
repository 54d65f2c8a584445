<?php

declare(strict_types=1);

namespace App\Http\Controllers\Survey;

use App\Floorplan\PlanStore;
use App\Http\Requests\Survey\MeasureRequest;
use App\JobSheet\JobSheet;
use App\Models\SiteJob;
use App\Stations\Survey\Measure\MeasureRefused;
use App\Stations\Survey\Measure\Measures;
use App\Stations\Survey\Measure\MeasureSheet;
use Illuminate\Http\RedirectResponse;

/** What was measured of a door or window. */
final class MeasureController
{
    public function update(MeasureRequest $request, SiteJob $job, Measures $measures, PlanStore $plans): RedirectResponse
    {
        $at = $request->string('opening')->toString();
        $one = MeasureSheet::of(JobSheet::of($job), $plans)->openings[$at] ?? throw MeasureRefused::openingIsGone();
        $measures->measure(
            $job,
            $one,
            $request->integer('lock_version'),
            $one->isWindow() ? $request->window() : $request->door(),
            $request->person(),
        );

        return redirect()->route('jobs.survey', ['job' => $job, 'lens' => 'measure', 'at' => $at], 303);
    }

    public function destroy(MeasureRequest $request, SiteJob $job, Measures $measures): RedirectResponse
    {
        $measures->forget($job, $request->string('opening')->toString(), $request->person());

        return redirect()->route('jobs.survey', ['job' => $job, 'lens' => 'measure'], 303);
    }
}
