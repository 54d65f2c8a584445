<?php

declare(strict_types=1);

namespace App\Http\Controllers\Mesh;

use App\Http\Requests\Mesh\CalibrationRequest;
use App\Models\SiteJob;
use App\Stations\Mesh\Calibrating;
use App\Stations\Mesh\CalibrationRefused;
use App\Stations\Survey\JobRules;
use Illuminate\Http\RedirectResponse;

/** What the readings say of the house becomes what its forecasts go by. */
final class CalibrationController
{
    /** @throws CalibrationRefused */
    public function store(CalibrationRequest $request, SiteJob $job, Calibrating $calibrating, JobRules $rules): RedirectResponse
    {
        $values = $calibrating->accepted($job, $request->shown(), $request->person());
        $rules->change($job, $request->integer('lock_version'), $values, $request->person());

        return redirect()->route('jobs.mesh', ['job' => $job, 'show' => 'house'], 303)->with('saved', 'Forecasts go by it now.');
    }
}
