<?php

declare(strict_types=1);

namespace App\Http\Controllers\Pair;

use App\Http\Requests\JobRequest;
use App\Http\Requests\Pair\JoinWindowRequest;
use App\Logbook\Logbook;
use App\Models\JoinWindow;
use App\Models\SiteJob;
use App\Stations\Pair\JoinWindows;
use Illuminate\Http\RedirectResponse;

final class JoinWindowController
{
    public function store(JoinWindowRequest $request, SiteJob $job, JoinWindows $windows): RedirectResponse
    {
        $windows->open($job, $request->slot(), $request->person());

        return redirect()->route('jobs.pair', $job, 303);
    }

    public function destroy(JobRequest $request, SiteJob $job, JoinWindow $joinWindow, JoinWindows $windows, Logbook $logbook): RedirectResponse
    {
        $windows->close($joinWindow);
        $logbook->write($job, $request->person(), 'pair', 'Closed the join window.');

        return redirect()->route('jobs.pair', $job, 303);
    }
}
