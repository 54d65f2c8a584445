<?php

declare(strict_types=1);

namespace App\Http\Controllers\Survey;

use App\Http\Requests\JobRequest;
use App\Http\Requests\Survey\SlotRequest;
use App\Models\SiteJob;
use App\Models\Slot;
use App\Stations\Survey\SlotEditor;
use Illuminate\Http\RedirectResponse;

final class SlotController
{
    public function store(SlotRequest $request, SiteJob $job, SlotEditor $editor): RedirectResponse
    {
        $slot = $editor->add($job, $request->values(), $request->person());

        return redirect()->route('jobs.survey', ['job' => $job, 'slot' => $slot->key], 303);
    }

    public function update(SlotRequest $request, SiteJob $job, Slot $slot, SlotEditor $editor): RedirectResponse
    {
        $editor->change($job, $slot, $request->integer('lock_version'), $request->values(), $request->person());

        return redirect($request->backToSlot($slot), 303);
    }

    public function destroy(JobRequest $request, SiteJob $job, Slot $slot, SlotEditor $editor): RedirectResponse
    {
        $editor->remove($job, $slot, $request->person());

        return redirect()->route('jobs.survey', $job, 303)
            ->with('saved', "The {$slot->title()} is off the plan.")->with('removed', $slot->key);
    }

    /** Undoes a removal. */
    public function restore(JobRequest $request, SiteJob $job, Slot $slot, SlotEditor $editor): RedirectResponse
    {
        $editor->restore($job, $slot, $request->person());

        return redirect()->route('jobs.survey', ['job' => $job, 'slot' => $slot->key], 303);
    }
}
