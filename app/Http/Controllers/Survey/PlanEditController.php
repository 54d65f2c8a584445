<?php

declare(strict_types=1);

namespace App\Http\Controllers\Survey;

use App\Floorplan\PlanEditor;
use App\Http\Requests\Survey\PlanEditRequest;
use App\Http\Requests\Survey\RoomsRequest;
use App\Models\PlanEdit;
use App\Models\SiteJob;
use Illuminate\Http\RedirectResponse;

/** Changes to the plan: each can be taken back, and done again. */
final class PlanEditController
{
    public function store(PlanEditRequest $request, SiteJob $job, PlanEditor $editor): RedirectResponse
    {
        $editor->apply($job, $request->edit(...), $request->subject(), $request->person());

        return redirect($request->back(), 303);
    }

    public function destroy(RoomsRequest $request, SiteJob $job, PlanEdit $planEdit, PlanEditor $editor): RedirectResponse
    {
        $editor->undo($job, $planEdit->id, $request->person());

        return redirect()->route('jobs.survey', $request->roomsLens(), 303);
    }

    public function restore(RoomsRequest $request, SiteJob $job, PlanEdit $planEdit, PlanEditor $editor): RedirectResponse
    {
        $editor->redo($job, $planEdit->id, $request->person());

        return redirect()->route('jobs.survey', $request->roomsLens(), 303);
    }
}
