<?php

declare(strict_types=1);

namespace App\Http\Controllers\Bench;

use App\Http\Requests\Bench\ProofRequest;
use App\Logbook\Logbook;
use App\Models\SiteJob;
use App\Models\Slot;
use App\Proving\Proofs;
use Illuminate\Http\RedirectResponse;

final class ProofController
{
    public function store(ProofRequest $request, SiteJob $job, Slot $slot, Proofs $proofs, Logbook $logbook): RedirectResponse
    {
        $proofs->record($slot, $request->rung(), $request->outcome(), $request->person()->id, $request->string('reason')->toString() ?: null);
        $logbook->write($job, $request->person(), 'proof', "{$slot->title()}, {$request->rung()->words()}: {$request->outcome()->value}. {$request->string('reason')}", $slot);

        return redirect($request->backToSlot($slot), 303);
    }
}
