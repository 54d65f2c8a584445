<?php

declare(strict_types=1);

namespace App\Http\Controllers\Survey;

use App\Http\Requests\Survey\DropCodeRequest;
use App\Models\SiteJob;
use App\Stations\Survey\Wiring\DropCodes;
use Illuminate\Http\RedirectResponse;

/** By which code cables are buried on a job. */
final class DropCodeController
{
    public function update(DropCodeRequest $request, SiteJob $job, DropCodes $codes): RedirectResponse
    {
        $codes->choose($job, $request->code(), $request->person());

        return redirect()->route('jobs.survey', ['job' => $job, 'lens' => 'cables'], 303);
    }
}
