<?php

declare(strict_types=1);

namespace App\Http\Controllers\Pair;

use App\Http\Requests\Pair\LearnSchoolRequest;
use App\Models\SiteJob;
use App\Models\Slot;
use App\Stations\Pair\Teaching;
use Illuminate\Http\RedirectResponse;

/** By which school the sender of a device is taught. */
final class LearnSchoolController
{
    public function update(LearnSchoolRequest $request, SiteJob $job, Slot $slot, Teaching $teaching): RedirectResponse
    {
        $teaching->choose($job, $slot, $request->school(), $request->person());

        return redirect()->route('jobs.pair', ['job' => $job, 'lens' => 'teach'], 303);
    }
}
