<?php

declare(strict_types=1);

namespace App\Gateway;

use App\Models\Gateway;
use App\Models\PairAttempt;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Kavvel\Core\Pairing\AttemptState;
use Kavvel\Core\Pairing\Batch;

/** The attempt that what a hub says is about. */
final readonly class AttemptUnderWay
{
    /** One that fell asleep, or whose window ended meanwhile, may still come in */
    private const MAY_GO_ON = [
        AttemptState::Announced, AttemptState::Secured, AttemptState::Networked, AttemptState::Interviewing, AttemptState::InPart,
        AttemptState::WindowEnded,
    ];

    /** What an attempt says of the device that it heard */
    private const OF_THE_DEVICE = ['node_id', 'state', 'reached', 'interview_done', 'interview_total', 'secured_with', 'missing'];

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

    /**
     * Through one window several unlike devices may come: once this one has said its model, it is the attempt of that model that it
     * belongs to, and the two change places.
     */
    public static function ofModel(PairAttempt $attempt, ?string $model): PairAttempt
    {
        $others = $attempt->join_window_id === null ? new Collection : PairAttempt::query()->with('slot.profile')
            ->where('join_window_id', $attempt->join_window_id)->whereKeyNot($attempt->id)
            ->whereIn('state', [AttemptState::Waiting, ...self::MAY_GO_ON])->orderBy('id')->get();
        $models = $others->mapWithKeys(static fn (PairAttempt $one): array => [$one->id => (string) $one->slot->profile->data['model']]);
        $right = Batch::attemptOf($model, $models->all());
        if ($right === null || $attempt->slot->profile->data['model'] === $model) {
            return $attempt;
        }
        $other = $others->firstOrFail(static fn (PairAttempt $one): bool => $one->id === $right);
        [$own, $its] = [$attempt->only(self::OF_THE_DEVICE), $other->only(self::OF_THE_DEVICE)];
        $attempt->update($its);
        $other->update($own);

        return $other;
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
