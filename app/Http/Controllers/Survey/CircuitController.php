<?php

declare(strict_types=1);

namespace App\Http\Controllers\Survey;

use App\Http\Requests\JobRequest;
use App\Http\Requests\Survey\CircuitRequest;
use App\Models\Circuit;
use App\Models\SiteJob;
use App\Stations\Survey\Wiring\CircuitRegister;
use Illuminate\Http\RedirectResponse;

/** The register of circuits. */
final class CircuitController
{
    public function store(CircuitRequest $request, SiteJob $job, CircuitRegister $register): RedirectResponse
    {
        $circuit = $register->add($job, $request->values(), $request->person());

        return redirect()->route('jobs.survey', ['job' => $job, 'lens' => 'circuits', 'at' => $circuit->key], 303);
    }

    public function update(CircuitRequest $request, SiteJob $job, Circuit $circuit, CircuitRegister $register): RedirectResponse
    {
        $register->change($job, $circuit, $request->integer('lock_version'), $request->values(), $request->person());

        return redirect()->route('jobs.survey', ['job' => $job, 'lens' => 'circuits', 'at' => $circuit->key], 303);
    }

    public function destroy(JobRequest $request, SiteJob $job, Circuit $circuit, CircuitRegister $register): RedirectResponse
    {
        $register->remove($job, $circuit, $request->person());

        return redirect()->route('jobs.survey', ['job' => $job, 'lens' => 'circuits'], 303);
    }
}
