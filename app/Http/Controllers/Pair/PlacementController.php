<?php

declare(strict_types=1);

namespace App\Http\Controllers\Pair;

use App\Http\Requests\JobRequest;
use App\Models\SiteJob;
use App\Models\Slot;
use App\Stations\Pair\Placements;
use Illuminate\Http\RedirectResponse;

/** What was paired at the bench is put into its place. */
final class PlacementController
{
    public function store(JobRequest $request, SiteJob $job, Slot $slot, Placements $placements): RedirectResponse
    {
        $placements->place($job, $slot, $request->person());

        return redirect()->route('jobs.pair', $job, 303);
    }

    public function storeAll(JobRequest $request, SiteJob $job, Placements $placements): RedirectResponse
    {
        $placements->placeAll($job, $request->person());

        return redirect()->route('jobs.pair', $job, 303);
    }

    public function destroy(JobRequest $request, SiteJob $job, Slot $slot, Placements $placements): RedirectResponse
    {
        $placements->takeBack($job, $slot, $request->person());

        return redirect()->route('jobs.pair', ['job' => $job, 'next' => $slot->key], 303);
    }
}
