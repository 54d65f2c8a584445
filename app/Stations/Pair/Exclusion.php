<?php

declare(strict_types=1);

namespace App\Stations\Pair;

use App\JobSheet\SlotCard;
use App\Models\JoinWindow;
use App\Models\PairAttempt;
use Illuminate\Support\Carbon;
use Kavvel\Core\Pairing\Cause;
use Kavvel\Core\Pairing\PairPhase;
use Kavvel\Core\Protocol\Leaving;

/** How it stands with taking a device out of whatever network it is in, before it joins. */
final readonly class Exclusion
{
    /**
     * @param  bool  $isPossible  its radio knows exclusion
     * @param  bool  $isFirst  what speaks most for it is that another network has it
     * @param  Carbon|null  $leftAt  when it was taken out, if nothing was tried since
     * @param  bool  $tookNothing  the last window for it ended without
     */
    private function __construct(public bool $isPossible, public bool $isFirst, public ?Carbon $leftAt, public bool $tookNothing) {}

    /** @param list<Cause> $causes of its last failure */
    public static function of(SlotCard $target, PairPhase $phase, ?PairAttempt $last, array $causes, bool $isHeld): self
    {
        $isPossible = $target->profile->protocol->rules()->leaving() === Leaving::Excluded;
        $isFree = $isPossible && ! $phase->holdsWindow();
        $leftAt = $target->slot->left_at;

        return new self(
            $isPossible,
            $isFree && ($isHeld || ($causes[0]->code ?? null) === 'owned'),
            $leftAt === null || $last?->started_at->greaterThan($leftAt) === true ? null : $leftAt,
            $isFree && self::tookNothing($target, $last),
        );
    }

    private static function tookNothing(SlotCard $target, ?PairAttempt $last): bool
    {
        $window = JoinWindow::query()->where('slot_id', $target->slot->id)
            ->where('kind', 'exclude')->where('state', 'ended')->latest('id')->first();
        $leftAt = $target->slot->left_at;

        return $window?->opened_at !== null
            && ($leftAt === null || $leftAt->lessThan($window->opened_at))
            && $last?->started_at->greaterThan($window->opened_at) !== true;
    }
}
