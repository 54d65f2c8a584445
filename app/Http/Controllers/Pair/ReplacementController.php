<?php

declare(strict_types=1);

namespace App\Http\Controllers\Pair;

use App\Http\Requests\JobRequest;
use App\Http\Requests\Pair\ReplacementRequest;
use App\Matching\AnotherModel;
use App\Matching\Replacing;
use App\Models\SiteJob;
use App\Models\Slot;
use Illuminate\Http\RedirectResponse;
use Illuminate\View\View;

/** Another device takes the place of the one in a slot. */
final class ReplacementController
{
    /** What another model changes, before it is chosen. */
    public function show(JobRequest $request, SiteJob $job, Slot $slot): View
    {
        return view('slots.other-model', ['words' => AnotherModel::words($job, $slot, $request->string('profile')->toString())]);
    }

    public function store(ReplacementRequest $request, SiteJob $job, Slot $slot, Replacing $replacing): RedirectResponse
    {
        $replacing->begin($job, $slot, $request->reason(), $request->with(), $request->person());

        return redirect()->route('jobs.pair', [$job, 'slot' => $slot->key], 303);
    }
}
