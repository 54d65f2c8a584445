<?php

declare(strict_types=1);

namespace App\Http\Controllers\Pair;

use App\Http\Requests\Pair\SlotHubRequest;
use App\Models\SiteJob;
use App\Models\Slot;
use App\Stations\Pair\SlotHubs;
use Illuminate\Http\RedirectResponse;

/** To which of several hubs a device goes. */
final class SlotHubController
{
    public function update(SlotHubRequest $request, SiteJob $job, Slot $slot, SlotHubs $hubs): RedirectResponse
    {
        $hubs->send($job, $slot, $request->hub(), $request->person());

        return redirect()->to($request->backToSlot($slot), 303);
    }
}
