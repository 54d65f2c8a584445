<?php

declare(strict_types=1);

namespace App\Http\Controllers\Bridge;

use App\Http\Requests\Bridge\SetNamesRequest;
use App\Http\Requests\JobRequest;
use App\Models\Ecosystem;
use App\Models\SiteJob;
use App\Stations\Bridge\Asking;
use App\Stations\Bridge\SettingNames;
use Illuminate\Http\RedirectResponse;

/** Names and rooms in an ecosystem: set there by hand, or over its link. */
final class EcosystemNamesController
{
    public function store(
        SetNamesRequest $request,
        SiteJob $job,
        Ecosystem $ecosystem,
        SettingNames $names,
    ): RedirectResponse {
        $names->said($job, $ecosystem, $request->string('seen')->toString(), $request->person());

        return redirect()->route('jobs.bridge', $job, 303);
    }

    public function update(JobRequest $request, SiteJob $job, Ecosystem $ecosystem, Asking $asking): RedirectResponse
    {
        $asking->setNames($ecosystem, $request->person());

        return redirect()->route('jobs.bridge', $job, 303);
    }
}
