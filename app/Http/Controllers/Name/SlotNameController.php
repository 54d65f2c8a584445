<?php

declare(strict_types=1);

namespace App\Http\Controllers\Name;

use App\Http\Requests\Name\SlotNameRequest;
use App\Models\SiteJob;
use App\Models\Slot;
use App\Naming\JobNames;
use App\Stations\Name\Naming;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\View\View;

final class SlotNameController
{
    /** What becomes of a name while it is typed. */
    public function show(Request $request, SiteJob $job, Slot $slot): View
    {
        $names = JobNames::read($job);

        $judgement = $names->judge($slot->key, $request->string('name')->limit(64, '')->toString());

        return view('name.judgement', [
            'judgement' => $judgement,
            'forms' => $names->platformForms($judgement),
            'device' => $names->device($slot->key),
        ]);
    }

    public function update(SlotNameRequest $request, SiteJob $job, Slot $slot, Naming $naming): RedirectResponse
    {
        $naming->give($job, $slot, $request->string('name')->squish()->toString(), $request->integer('lock_version'), $request->person());

        return redirect()->route('jobs.name', $request->has('from') ? [$job, 'lens' => 'rooms', 'next' => $slot->key] : $job, 303);
    }
}
