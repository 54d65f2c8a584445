<?php

declare(strict_types=1);

namespace App\Http\Controllers\Survey;

use App\Http\Requests\Survey\RemoteRequest;
use App\Models\SiteJob;
use App\Models\Slot;
use App\Stations\Survey\Remotes;
use Illuminate\Http\RedirectResponse;

/** How a machine's own remote was found to work. */
final class RemoteController
{
    public function update(RemoteRequest $request, SiteJob $job, Slot $slot, Remotes $remotes): RedirectResponse
    {
        $remotes->note(
            $job,
            $slot,
            $request->integer('lock_version'),
            $request->boolean('works_away'),
            $request->boolean('toggles'),
            $request->person(),
        );

        return redirect($request->backToSlot($slot), 303);
    }
}
