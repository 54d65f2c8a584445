<?php

declare(strict_types=1);

namespace App\Http\Controllers\Bench;

use App\Http\Requests\Bench\ProofRequest;
use App\Http\Requests\Bench\ProofWithdrawalRequest;
use App\Models\SiteJob;
use App\Models\Slot;
use App\Proving\Proofs;
use Illuminate\Http\RedirectResponse;

final class ProofController
{
    public function store(ProofRequest $request, SiteJob $job, Slot $slot, Proofs $proofs): RedirectResponse
    {
        $reason = $request->string('reason')->squish()->toString() ?: null;
        $proofs->note($slot, $request->step(), $request->outcome(), $request->person(), $reason);

        return redirect($request->back($slot), 303);
    }

    /** Takes back what counts for a rung, with the reason. */
    public function destroy(ProofWithdrawalRequest $request, SiteJob $job, Slot $slot, Proofs $proofs): RedirectResponse
    {
        $reason = $request->string('reason')->squish()->toString();
        $proofs->withdraw($slot, $request->step(), $request->person(), $reason);

        return redirect($request->backToSlot($slot), 303);
    }
}
