<?php

declare(strict_types=1);

namespace App\Http\Controllers\Bridge;

use App\Http\Requests\Bridge\OpeningRequest;
use App\Models\SiteJob;
use App\Temporary\TemporaryStates;
use Illuminate\Http\RedirectResponse;

/** Something at a box or in an account is opened for the work only, and registered with what it means. */
final class OpeningController
{
    public function store(OpeningRequest $request, SiteJob $job, TemporaryStates $states): RedirectResponse
    {
        $what = $request->opening()->register($request->string('of')->toString());
        $states->open($job, $what, null, $request->until(), $request->person());

        return redirect()->route('jobs.bridge', [
            'job' => $job, 'lens' => 'boxes', 'at' => $request->string('at')->toString() ?: null,
        ], 303)->with('saved', 'Registered. It is closed before the job is handed over.');
    }
}
