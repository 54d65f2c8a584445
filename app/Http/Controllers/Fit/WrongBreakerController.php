<?php

declare(strict_types=1);

namespace App\Http\Controllers\Fit;

use App\Http\Requests\Fit\WrongBreakerRequest;
use App\Models\Circuit;
use App\Models\SiteJob;
use App\Stations\Fit\WrongBreakers;
use Illuminate\Http\RedirectResponse;

/** A breaker that does not kill what its label says. */
final class WrongBreakerController
{
    public function store(WrongBreakerRequest $request, SiteJob $job, Circuit $circuit, WrongBreakers $breakers): RedirectResponse
    {
        $slot = $request->string('slot')->toString();
        $breaker = $request->string('breaker')->squish()->toString() ?: null;
        $breakers->correct($job, $circuit, $slot, $request->found(), $breaker, $request->person());

        return redirect()->route('jobs.fit', ['job' => $job, 'next' => $slot], 303);
    }
}
