<?php

declare(strict_types=1);

namespace App\Http\Controllers\Bench;

use App\Bench\ProofCommands;
use App\Http\Requests\JobRequest;
use App\Models\SiteJob;
use App\Models\Slot;
use Illuminate\Http\RedirectResponse;

final class ProofCommandController
{
    public function store(JobRequest $request, SiteJob $job, Slot $slot, ProofCommands $commands): RedirectResponse
    {
        $commands->send($job, $slot, $request->person());

        return redirect($request->backToSlot($slot), 303);
    }
}
