<?php

declare(strict_types=1);

namespace App\Http\Controllers\Pair;

use App\Codes\CodeStore;
use App\Http\Requests\JobRequest;
use App\Http\Requests\Pair\CodeRequest;
use App\Models\Credential;
use App\Models\SiteJob;
use App\Models\Slot;
use Illuminate\Http\RedirectResponse;

/** The code of one device. */
final class SlotCodeController
{
    public function store(CodeRequest $request, SiteJob $job, Slot $slot, CodeStore $codes): RedirectResponse
    {
        $codes->keep($job, $slot, $request->typed(), $request->person());

        return redirect($request->back($slot), 303)->with('saved', 'The code is stored.');
    }

    /** It is another device’s: it goes back into the tray. */
    public function destroy(JobRequest $request, SiteJob $job, Slot $slot, Credential $credential, CodeStore $codes): RedirectResponse
    {
        $codes->takeAway($job, $slot, $credential, $request->person());

        return redirect($request->backToSlot($slot), 303);
    }
}
