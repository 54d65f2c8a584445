<?php

declare(strict_types=1);

namespace App\Http\Controllers\Name;

use App\Http\Requests\Name\SureMatchesRequest;
use App\Matching\Telling;
use App\Models\SiteJob;
use Illuminate\Http\RedirectResponse;

/** Devices that can only be one each become the devices of their slots together. */
final class SureMatchController
{
    public function store(SureMatchesRequest $request, SiteJob $job, Telling $telling): RedirectResponse
    {
        $telling->sure($job, $request->seen(), $request->person());

        return redirect()->route('jobs.name', [$job, 'lens' => 'who'], 303);
    }
}
