<?php

declare(strict_types=1);

namespace App\Gateway;

use App\Models\Gateway;
use App\Models\PairAttempt;
use Illuminate\Database\Eloquent\Builder;
use Kavvel\Core\Pairing\AttemptState;

/** The attempt that what a hub says is about. */
final readonly class AttemptUnderWay
{
    /** One that fell asleep, or whose window ended meanwhile, may still come in */
    private const MAY_GO_ON = [
        AttemptState::Announced, AttemptState::Secured, AttemptState::Networked, AttemptState::Interviewing, AttemptState::InPart,
        AttemptState::WindowEnded,
    ];

    /** The one in which this node is let in: only the last of its slot, as long as the slot has no other device. */
    public static function of(Gateway $gateway, string $address): ?PairAttempt
    {
        return self::attempts($gateway)
            ->whereHas('node', static fn ($node) => $node->where('gateway_id', $gateway->id)->where('address', $address))
            ->whereIn('state', self::MAY_GO_ON)
            ->whereNotExists(static fn ($later) => $later->from('pair_attempts as later')
                ->whereColumn('later.slot_id', 'pair_attempts.slot_id')->whereColumn('later.id', '>', 'pair_attempts.id'))
            ->latest('id')->first();
    }

    public static function inWindow(Gateway $gateway, string $window): ?PairAttempt
    {
        return self::attempts($gateway)->whereRelation('joinWindow', 'reference', $window)
            ->whereIn('state', [AttemptState::Waiting, ...self::MAY_GO_ON])->latest('id')->first();
    }

    /** @return Builder<PairAttempt> */
    private static function attempts(Gateway $gateway): Builder
    {
        return PairAttempt::query()->with('slot.profile')->where('site_job_id', $gateway->site_job_id);
    }
}
