<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\PersonRequest;
use App\Models\SiteJob;
use App\Models\Slot;
use App\Stations\ProofCommands;
use Illuminate\Http\RedirectResponse;

final class ProofCommandController
{
    public function store(PersonRequest $request, SiteJob $job, Slot $slot, ProofCommands $commands): RedirectResponse
    {
        $commands->send($job, $slot, $request->person());

        return redirect($request->backToSlot($slot), 303);
    }
}
