<?php

declare(strict_types=1);

namespace App\Gateway;

use App\Models\Gateway;
use App\Models\PairAttempt;
use Kavvel\Core\Pairing\AttemptState;

/** The attempt in which a node is being interviewed. */
final readonly class AttemptUnderWay
{
    public static function of(Gateway $gateway, string $address): ?PairAttempt
    {
        return PairAttempt::query()->with('slot.profile')->where('site_job_id', $gateway->site_job_id)
            ->whereHas('node', static fn ($node) => $node->where('gateway_id', $gateway->id)->where('address', $address))
            ->whereIn('state', [AttemptState::Announced, AttemptState::Interviewing])->latest('id')->first();
    }
}
