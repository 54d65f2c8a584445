<?php

declare(strict_types=1);

namespace App\Http\Controllers\Pair;

use App\Http\Requests\Pair\BusTelegramRequest;
use App\Models\SiteJob;
use App\Stations\Pair\BusListening;
use Illuminate\Http\RedirectResponse;

/** A hub switches a control point of the wired bus. */
final class BusTelegramController
{
    public function store(BusTelegramRequest $request, SiteJob $job, BusListening $listening): RedirectResponse
    {
        $listening->switch($job, $request->string('point')->toString(), $request->isOn(), $request->person());

        return redirect()->route('jobs.pair', ['job' => $job, 'lens' => 'bus'], 303);
    }
}
