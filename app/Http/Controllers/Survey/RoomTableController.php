<?php

declare(strict_types=1);

namespace App\Http\Controllers\Survey;

use App\Floorplan\PlanEditor;
use App\Http\Requests\Survey\RoomTableRequest;
use App\Models\SiteJob;
use Illuminate\Http\RedirectResponse;

/** Rooms from a table (CSV). */
final class RoomTableController
{
    public function store(RoomTableRequest $request, SiteJob $job, PlanEditor $editor): RedirectResponse
    {
        $editor->apply($job, $request->edit(...), null, $request->person());

        return redirect()->route('jobs.survey', $request->roomsLens(), 303);
    }
}
