<?php

declare(strict_types=1);

namespace App\Http\Controllers\Pair;

use App\Http\Requests\Pair\HandPairingRequest;
use App\Models\SiteJob;
use App\Models\Slot;
use App\Stations\Pair\HandPairings;
use Illuminate\Http\RedirectResponse;

final class HandPairingController
{
    public function store(HandPairingRequest $request, SiteJob $job, Slot $slot, HandPairings $pairings): RedirectResponse
    {
        $pairings->record($job, $slot, $request->string('address')->squish()->toString(), $request->person());

        return redirect($request->backToSlot($slot), 303);
    }
}
