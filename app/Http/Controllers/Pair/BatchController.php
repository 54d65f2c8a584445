<?php

declare(strict_types=1);

namespace App\Http\Controllers\Pair;

use App\Http\Requests\Pair\JoinWindowRequest;
use App\Models\JoinWindow;
use App\Models\SiteJob;
use App\Stations\Pair\JoinWindows;
use Illuminate\Http\RedirectResponse;

/** Several unlike devices through one window. */
final class BatchController
{
    public function store(JoinWindowRequest $request, SiteJob $job, JoinWindow $joinWindow, JoinWindows $windows): RedirectResponse
    {
        $windows->alsoFor($job, $joinWindow, $request->slot(), $request->person());

        return redirect()->route('jobs.pair', ['job' => $job, 'next' => $request->slot()->key], 303);
    }
}
