<?php

declare(strict_types=1);

namespace App\Http\Controllers\Pair;

use App\Http\Requests\Pair\LearnKeyRequest;
use App\Models\SiteJob;
use App\Models\Slot;
use App\Stations\Pair\Teaching;
use Illuminate\Http\RedirectResponse;

/** A hub listens for one key of a remote. */
final class LearnKeyListeningController
{
    public function store(LearnKeyRequest $request, SiteJob $job, Slot $slot, Teaching $teaching): RedirectResponse
    {
        $teaching->listen($job, $slot, $request->key(), $request->person());

        return redirect()->route('jobs.pair', ['job' => $job, 'lens' => 'teach'], 303);
    }

    public function destroy(LearnKeyRequest $request, SiteJob $job, Slot $slot, Teaching $teaching): RedirectResponse
    {
        $teaching->stopListening($job, $slot, $request->key());

        return redirect()->route('jobs.pair', ['job' => $job, 'lens' => 'teach'], 303);
    }
}
