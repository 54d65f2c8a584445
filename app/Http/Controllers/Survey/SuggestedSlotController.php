<?php

declare(strict_types=1);

namespace App\Http\Controllers\Survey;

use App\Http\Requests\Survey\SuggestedSlotRequest;
use App\Models\SiteJob;
use App\Stations\Survey\Wants\Suggestions;
use Illuminate\Http\RedirectResponse;

/** Devices that wants ask for: planned, left out, or asked about again. */
final class SuggestedSlotController
{
    public function store(SuggestedSlotRequest $request, SiteJob $job, Suggestions $suggestions): RedirectResponse
    {
        $id = $request->suggestion();
        $count = $id === null
            ? $suggestions->takeAll($job, $request->string('list')->toString(), $request->person())
            : $suggestions->take($job, $id, $request->person());

        return redirect($request->backToWants(), 303)
            ->with('saved', $count === 1 ? 'One device is planned.' : "{$count} devices are planned.");
    }

    public function destroy(SuggestedSlotRequest $request, SiteJob $job, Suggestions $suggestions): RedirectResponse
    {
        $suggestions->leaveOut($job, (string) $request->suggestion(), $request->person());

        return redirect($request->backToWants(), 303);
    }

    public function restore(SuggestedSlotRequest $request, SiteJob $job, Suggestions $suggestions): RedirectResponse
    {
        $suggestions->askAgain($job, $request->person());

        return redirect($request->backToWants(), 303);
    }
}
