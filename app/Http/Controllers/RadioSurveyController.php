<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\PersonRequest;
use App\Models\SiteJob;
use App\Stations\Mesh\RadioSurveys;
use Illuminate\Http\RedirectResponse;

final class RadioSurveyController
{
    public function store(PersonRequest $request, SiteJob $job, RadioSurveys $surveys): RedirectResponse
    {
        $surveys->start($job, $request->person());

        return redirect()->route('jobs.mesh', $job, 303);
    }
}
