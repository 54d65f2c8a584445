<?php

declare(strict_types=1);

namespace App\Http\Controllers\Survey;

use App\Http\Requests\Survey\CompassRequest;
use App\Models\SiteJob;
use App\Stations\Survey\Measure\Measures;
use Illuminate\Http\RedirectResponse;

/** How the plan lies. */
final class CompassController
{
    public function update(CompassRequest $request, SiteJob $job, Measures $measures): RedirectResponse
    {
        $measures->turn($job, $request->up(), $request->person());

        return redirect()->route('jobs.survey', ['job' => $job, 'lens' => 'measure'], 303);
    }
}
