<?php

declare(strict_types=1);

namespace App\Http\Controllers\Survey;

use App\Http\Requests\Survey\HubRadioRequest;
use App\Models\Gateway;
use App\Models\SiteJob;
use App\Stations\Survey\HubRadios;
use Illuminate\Http\RedirectResponse;

/** What a hub speaks. */
final class HubRadioController
{
    public function update(HubRadioRequest $request, SiteJob $job, Gateway $gateway, HubRadios $radios): RedirectResponse
    {
        $radios->say($job, $gateway, $request->speaks(), $request->person());

        return redirect()->route('jobs.survey', ['job' => $job, 'lens' => $request->lens()], 303);
    }
}
