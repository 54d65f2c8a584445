<?php

declare(strict_types=1);

namespace App\Http\Controllers\Bench;

use App\Http\Requests\Bench\TemporaryStateRequest;
use App\Http\Requests\JobRequest;
use App\Models\SiteJob;
use App\Models\TemporaryState;
use App\Temporary\TemporaryStates;
use Illuminate\Http\RedirectResponse;

/** What is opened only for the work, and closed again. */
final class TemporaryStateController
{
    public function store(TemporaryStateRequest $request, SiteJob $job, TemporaryStates $states): RedirectResponse
    {
        $what = $request->string('what')->squish()->toString();
        $states->open($job, $what, $request->slot(), $request->closeBy(), $request->person());

        return redirect()->route('jobs.snags', $job, 303);
    }

    public function destroy(JobRequest $request, SiteJob $job, TemporaryState $temporaryState, TemporaryStates $states): RedirectResponse
    {
        $states->close($job, $temporaryState, $request->person());

        return match ($request->string('from')->toString()) {
            'hand-over' => redirect()->route('jobs.hand-over', $job, 303),
            'bridge' => redirect()->route('jobs.bridge', ['job' => $job, 'lens' => 'boxes'], 303),
            default => redirect()->route('jobs.snags', $job, 303),
        };
    }
}
