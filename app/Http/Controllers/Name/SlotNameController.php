<?php

declare(strict_types=1);

namespace App\Http\Controllers\Name;

use App\Http\Requests\Name\SlotNameRequest;
use App\Models\SiteJob;
use App\Models\Slot;
use App\Stations\Name\Naming;
use Illuminate\Http\RedirectResponse;

final class SlotNameController
{
    public function update(SlotNameRequest $request, SiteJob $job, Slot $slot, Naming $naming): RedirectResponse
    {
        $naming->give($job, $slot, $request->string('name')->squish()->toString(), $request->integer('lock_version'), $request->person());

        return redirect()->route('jobs.name', $job, 303);
    }
}
