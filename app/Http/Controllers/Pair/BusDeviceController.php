<?php

declare(strict_types=1);

namespace App\Http\Controllers\Pair;

use App\Http\Requests\Pair\BusDeviceRequest;
use App\Models\SiteJob;
use App\Stations\Pair\BusListening;
use Illuminate\Http\RedirectResponse;

/** What was heard on the wired bus is a planned device. */
final class BusDeviceController
{
    public function store(BusDeviceRequest $request, SiteJob $job, BusListening $listening): RedirectResponse
    {
        $listening->takeIn($job, $request->string('point')->toString(), $request->slot(), $request->person());

        return redirect()->route('jobs.pair', ['job' => $job, 'lens' => 'bus'], 303);
    }
}
