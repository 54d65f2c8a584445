<?php

declare(strict_types=1);

namespace App\Http\Controllers\Bridge;

use App\Http\Requests\JobRequest;
use App\Models\SiteJob;
use App\Stations\Bridge\PathChoice;
use Illuminate\Http\RedirectResponse;

/** The client knows of wants that are not met. */
final class ToldLossController
{
    public function store(JobRequest $request, SiteJob $job, PathChoice $choice): RedirectResponse
    {
        $told = $choice->told($job, $request->string('seen')->toString(), $request->person());

        return redirect()->route('jobs.bridge', $job, 303)->with('saved', $told === 0 ? 'Nothing of that is open any more.' : null);
    }
}
