<?php

declare(strict_types=1);

namespace App\Http\Controllers\Pair;

use App\Http\Requests\Pair\BusPointRequest;
use App\Http\Requests\Pair\BusTableRequest;
use App\Models\SiteJob;
use App\Stations\Pair\BusProject;
use Illuminate\Http\RedirectResponse;

/** The project of a wired bus is taken in, and its control points are told apart. */
final class BusController
{
    public function store(BusTableRequest $request, SiteJob $job, BusProject $bus): RedirectResponse
    {
        $bus->import($job, $request->entries(), $request->person());

        return redirect()->route('jobs.pair', ['job' => $job, 'lens' => 'bus'], 303)->with('saved', 'The addresses are taken in.');
    }

    public function update(BusPointRequest $request, SiteJob $job, BusProject $bus): RedirectResponse
    {
        $bus->match($job, $request->string('point')->toString(), $request->slot(), $request->person());

        return redirect()->route('jobs.pair', ['job' => $job, 'lens' => 'bus'], 303);
    }
}
