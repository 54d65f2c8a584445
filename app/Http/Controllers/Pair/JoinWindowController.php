<?php

declare(strict_types=1);

namespace App\Http\Controllers\Pair;

use App\Http\Requests\JobRequest;
use App\Http\Requests\Pair\JoinWindowRequest;
use App\Logbook\Logbook;
use App\Models\JoinWindow;
use App\Models\SiteJob;
use App\Stations\Pair\JoinWindows;
use App\Windows\EndOfWindow;
use Illuminate\Http\RedirectResponse;

final class JoinWindowController
{
    /** The slot stays chosen, whatever becomes of its window. */
    public function store(JoinWindowRequest $request, SiteJob $job, JoinWindows $windows): RedirectResponse
    {
        $slot = $request->slot();
        $windows->open($job, $slot, $request->person());

        return redirect()->route('jobs.pair', ['job' => $job, 'next' => $slot->key], 303);
    }

    public function destroy(
        JobRequest $request,
        SiteJob $job,
        JoinWindow $joinWindow,
        EndOfWindow $windows,
        Logbook $logbook,
    ): RedirectResponse {
        $windows->close($joinWindow);
        $logbook->write($job, $request->person(), 'pair', 'Closed the join window.');

        return $joinWindow->slot_id === null && $joinWindow->attempts()->doesntExist()
            ? redirect()->route('jobs.name', [$job, 'lens' => 'who'], 303)
            : redirect()->route('jobs.pair', ['job' => $job, 'next' => $joinWindow->slot()->value('key')], 303);
    }
}
