<?php

declare(strict_types=1);

namespace App\Http\Controllers\Pair;

use App\Http\Requests\JobRequest;
use App\Logbook\Logbook;
use App\Models\SiteJob;
use App\Models\Slot;
use App\Stations\Pair\PutOff;
use App\Windows\EndOfWindow;
use Illuminate\Http\RedirectResponse;

final class PutOffController
{
    public function store(
        JobRequest $request,
        SiteJob $job,
        Slot $slot,
        PutOff $putOff,
        EndOfWindow $windows,
        Logbook $logbook,
    ): RedirectResponse {
        $putOff->add($job, $slot);
        $windows->letGo($slot);
        $logbook->write($job, $request->person(), 'pair', "Skipped the {$slot->title()} for now.", $slot);

        return redirect()->route('jobs.pair', $job, 303);
    }
}
