<?php

declare(strict_types=1);

namespace App\Http\Controllers\Survey;

use App\Http\Requests\Survey\DarkDoorRequest;
use App\Models\Circuit;
use App\Models\SiteJob;
use App\Stations\Survey\Wiring\KeyPlan;
use Illuminate\Http\RedirectResponse;

/** Doors at which the light of a circuit is not switched, and need not be. */
final class DarkDoorController
{
    public function update(DarkDoorRequest $request, SiteJob $job, Circuit $circuit, KeyPlan $keys): RedirectResponse
    {
        $opening = $request->string('opening')->toString();
        $keys->leaveDark($job, $circuit, $opening, $request->boolean('is_left'), $request->person());

        return redirect()->route('jobs.survey', ['job' => $job, 'lens' => 'control', 'at' => "{$circuit->key} {$opening}"], 303);
    }
}
