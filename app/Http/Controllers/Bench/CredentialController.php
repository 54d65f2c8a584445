<?php

declare(strict_types=1);

namespace App\Http\Controllers\Bench;

use App\Http\Requests\Bench\CredentialRequest;
use App\Http\Requests\JobRequest;
use App\Logbook\Logbook;
use App\Models\Credential;
use App\Models\SiteJob;
use App\Models\Slot;
use Illuminate\Http\RedirectResponse;
use Illuminate\View\View;

final class CredentialController
{
    public function store(CredentialRequest $request, SiteJob $job, Slot $slot, Logbook $logbook): RedirectResponse
    {
        Credential::query()->create([
            'site_job_id' => $job->id, 'slot_id' => $slot->id, 'kind' => 'code', 'label' => $request->string('label'),
            'secret' => $request->string('secret')->toString(),
        ]);
        $logbook->write($job, $request->person(), 'secret', "Stored a code for the {$slot->title()}.", $slot);

        return redirect($request->backToSlot($slot), 303);
    }

    /** Shown on purpose, and written down. */
    public function show(JobRequest $request, SiteJob $job, Slot $slot, Credential $credential, Logbook $logbook): View
    {
        $logbook->write($job, $request->person(), 'secret', "Looked at a code of the {$slot->title()} ({$credential->title()}).", $slot);

        return view('drawers.secret', ['job' => $job, 'of' => $slot->title(), 'credential' => $credential]);
    }
}
