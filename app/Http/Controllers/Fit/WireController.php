<?php

declare(strict_types=1);

namespace App\Http\Controllers\Fit;

use App\Http\Requests\Fit\WireRequest;
use App\Models\SiteJob;
use App\Models\Slot;
use App\Stations\Fit\Wires;
use Illuminate\Http\RedirectResponse;

/** The conductors of a box. */
final class WireController
{
    public function store(WireRequest $request, SiteJob $job, Slot $slot, Wires $wires): RedirectResponse
    {
        $wires->add($job, $slot, $request->string('colour')->toString(), $request->person());

        return redirect($request->backToCard($slot), 303);
    }

    public function update(WireRequest $request, SiteJob $job, Slot $slot, Wires $wires): RedirectResponse
    {
        $wires->settle($job, $slot, $request->wire(), $request->person());

        return redirect($request->backToCard($slot), 303);
    }

    public function destroy(WireRequest $request, SiteJob $job, Slot $slot, Wires $wires): RedirectResponse
    {
        $wires->remove($job, $slot, $request->string('name')->toString(), $request->person());

        return redirect($request->backToCard($slot), 303);
    }
}
