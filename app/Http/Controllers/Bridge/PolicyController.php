<?php

declare(strict_types=1);

namespace App\Http\Controllers\Bridge;

use App\Http\Requests\Bridge\PolicyRequest;
use App\Models\SiteJob;
use App\Stations\Bridge\PathChoice;
use Illuminate\Http\RedirectResponse;

/** By which paths the wants of a job are met. */
final class PolicyController
{
    public function update(PolicyRequest $request, SiteJob $job, PathChoice $choice): RedirectResponse
    {
        $choice->choose($job, $request->string('seen')->toString(), $request->policy(), $request->person());

        return redirect()->route('jobs.bridge', $job, 303);
    }
}
