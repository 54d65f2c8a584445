<?php

declare(strict_types=1);

namespace App\Http\Controllers\Survey;

use App\Http\Requests\Survey\JobRulesRequest;
use App\Models\SiteJob;
use App\Stations\Survey\JobRules;
use Illuminate\Http\RedirectResponse;

final class JobRulesController
{
    public function update(JobRulesRequest $request, SiteJob $job, JobRules $rules): RedirectResponse
    {
        $rules->change($job, $request->integer('lock_version'), $request->values(), $request->person());

        return redirect()->route('jobs.survey', $job, 303);
    }
}
