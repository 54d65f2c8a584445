<?php

declare(strict_types=1);

namespace App\Http\Controllers\Survey;

use App\Http\Requests\Survey\CircuitChoiceRequest;
use App\Models\Circuit;
use App\Models\SiteJob;
use App\Stations\Survey\Wiring\Choosing;
use Illuminate\Http\RedirectResponse;

/** Switch, lamps or plugs for one circuit. */
final class CircuitChoiceController
{
    public function update(CircuitChoiceRequest $request, SiteJob $job, Circuit $circuit, Choosing $choosing): RedirectResponse
    {
        $kind = $request->kind();
        $kind === null
            ? $choosing->note($job, $circuit, $request->integer('lock_version'), $request->place(), $request->person())
            : $choosing->choose($job, $circuit, $request->integer('lock_version'), $kind, $request->person());

        return redirect()->route('jobs.survey', ['job' => $job, 'lens' => 'circuits', 'at' => $circuit->key], 303);
    }
}
