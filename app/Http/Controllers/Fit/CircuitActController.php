<?php

declare(strict_types=1);

namespace App\Http\Controllers\Fit;

use App\Http\Requests\Fit\CircuitActRequest;
use App\Models\Circuit;
use App\Models\SiteJob;
use App\Stations\Fit\CircuitActs;
use Illuminate\Http\RedirectResponse;

/** What is done at a circuit that is worked on, act by act. */
final class CircuitActController
{
    public function store(CircuitActRequest $request, SiteJob $job, Circuit $circuit, CircuitActs $acts): RedirectResponse
    {
        $acts->do($job, $circuit, $request->act(), $request->person());

        return redirect($request->back(), 303);
    }
}
