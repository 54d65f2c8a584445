<?php

declare(strict_types=1);

namespace App\Http\Controllers\Pair;

use App\Http\Requests\JobRequest;
use App\Logbook\Logbook;
use App\Models\Gateway;
use App\Models\SiteJob;
use Illuminate\View\View;

/** The password of a hub: shown on purpose, and written down. */
final class HubSecretController
{
    public function show(JobRequest $request, SiteJob $job, Gateway $gateway, Logbook $logbook): View
    {
        $credential = $gateway->credentials()->firstOrFail();
        $logbook->write($job, $request->person(), 'secret', "Looked at the way into {$gateway->name}.");

        return view('drawers.secret', ['job' => $job, 'of' => $gateway->name, 'credential' => $credential]);
    }
}
