<?php

declare(strict_types=1);

namespace App\Proving;

use App\Models\ProofResult;
use App\Models\Slot;
use Kavvel\Core\Proving\Outcome;
use Kavvel\Core\Proving\Rung;

/** Records what was shown of a slot. Nothing is replaced: the latest result of a rung counts. */
final readonly class Proofs
{
    public function record(Slot $slot, Rung $rung, Outcome $outcome, ?int $userId, ?string $reason): void
    {
        $last = ProofResult::query()->where('slot_id', $slot->id)->where('rung', $rung)->latest('id')->first();
        if ($last !== null && $last->outcome === $outcome && $userId === null) {
            return;
        }
        ProofResult::query()->create(['site_job_id' => $slot->site_job_id, 'slot_id' => $slot->id, 'user_id' => $userId,
            'rung' => $rung, 'outcome' => $outcome, 'reason' => $reason, 'at' => now()]);
    }
}
