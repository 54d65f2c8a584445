<?php

declare(strict_types=1);

namespace App\Http\Controllers\Name;

use App\Floorplan\PlanEditor;
use App\Http\Requests\JobRequest;
use App\Http\Requests\Name\PlaceRequest;
use App\Models\PlanEdit;
use App\Models\SiteJob;
use App\Stations\Name\SlotPlaces;
use Illuminate\Http\RedirectResponse;

/** Where a device is. */
final class PlaceController
{
    public function store(PlaceRequest $request, SiteJob $job, SlotPlaces $places): RedirectResponse
    {
        $slot = $request->slot();
        if ($request->filled('room')) {
            $places->putInto($job, $slot, $request->string('room')->toString(), $request->person());
        } else {
            $places->move($job, $slot, $request->float('x'), $request->float('y'), $request->person());
        }

        return redirect()->route('jobs.name', [$job, 'lens' => 'rooms', 'next' => $slot->key], 303);
    }

    public function destroy(JobRequest $request, SiteJob $job, PlanEdit $planEdit, PlanEditor $editor): RedirectResponse
    {
        $editor->undo($job, $planEdit->id, $request->person());

        return redirect()->route('jobs.name', [$job, 'lens' => 'rooms'], 303);
    }
}
