<?php

declare(strict_types=1);

namespace App\Http\Controllers\Survey;

use App\Http\Requests\Survey\LampsRequest;
use App\Models\Circuit;
use App\Models\SiteJob;
use App\Stations\Survey\Wiring\CircuitRegister;
use Illuminate\Http\RedirectResponse;

/** Lamps on a circuit. */
final class LampsController
{
    public function store(LampsRequest $request, SiteJob $job, Circuit $circuit, CircuitRegister $register): RedirectResponse
    {
        $register->addLamps($job, $circuit, $request->integer('lock_version'), $request->lamps(), $request->person());

        return redirect()->route('jobs.survey', ['job' => $job, 'lens' => 'circuits', 'at' => $circuit->key], 303);
    }

    public function destroy(LampsRequest $request, SiteJob $job, Circuit $circuit, CircuitRegister $register): RedirectResponse
    {
        $register->removeLamps($job, $circuit, $request->integer('lock_version'), $request->integer('number'), $request->person());

        return redirect()->route('jobs.survey', ['job' => $job, 'lens' => 'circuits', 'at' => $circuit->key], 303);
    }
}
