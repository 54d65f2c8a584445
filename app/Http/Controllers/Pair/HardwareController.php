<?php

declare(strict_types=1);

namespace App\Http\Controllers\Pair;

use App\Http\Requests\Pair\HardwareRequest;
use App\Logbook\Logbook;
use App\Models\SiteJob;
use App\Models\Slot;
use Illuminate\Http\RedirectResponse;

/** Which revision of its hardware the unit is: its recipe may differ. */
final class HardwareController
{
    public function update(HardwareRequest $request, SiteJob $job, Slot $slot, Logbook $logbook): RedirectResponse
    {
        $slot->update(['hardware' => $request->hardware()]);
        $revision = $request->hardware() ?? 'of no special revision';
        $logbook->write($job, $request->person(), 'pair', "The {$slot->title()} is {$revision}.", $slot);

        return redirect()->route('jobs.pair', ['job' => $job, 'next' => $slot->key], 303);
    }
}
