<?php

declare(strict_types=1);

namespace App\Http\Controllers\Pair;

use App\Http\Requests\Pair\JoinWindowRequest;
use App\Models\SiteJob;
use App\Stations\Pair\JoinWindows;
use Illuminate\Http\RedirectResponse;

/** A device of unknown history is taken out of whatever network it is in. */
final class ExclusionController
{
    public function store(JoinWindowRequest $request, SiteJob $job, JoinWindows $windows): RedirectResponse
    {
        $slot = $request->slot();
        $windows->exclude($job, $slot, $request->person());

        return redirect()->route('jobs.pair', ['job' => $job, 'next' => $slot->key], 303);
    }
}
