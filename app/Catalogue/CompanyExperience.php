<?php

declare(strict_types=1);

namespace App\Catalogue;

use App\Models\PairAttempt;
use Illuminate\Database\Eloquent\Collection;
use Kavvel\Core\Pairing\AttemptState;
use Kavvel\Core\Pairing\Experience;
use Kavvel\Core\Pairing\Tried;

/** How devices of a model came in, over all jobs of the company. */
final readonly class CompanyExperience
{
    /** The latest are enough to go by */
    private const MOST_ATTEMPTS = 400;

    /** @param string|null $firmware of the devices; null: of whatever firmware */
    public static function of(int $profileId, ?string $firmware = null): ?Experience
    {
        $devices = [];
        foreach (self::attempts($profileId)->groupBy('slot_id') as $tries) {
            $tried = self::tried($tries, $firmware);
            if ($tried !== null) {
                $devices[] = $tried;
            }
        }

        return Experience::of($devices);
    }

    /** @return array<string, Experience> by firmware, where there is some */
    public static function byFirmware(int $profileId): array
    {
        $firmwares = self::attempts($profileId)->map(static fn (PairAttempt $one): ?string => $one->node?->firmware)->filter()->unique();
        $found = [];
        foreach ($firmwares as $firmware) {
            $experience = self::of($profileId, $firmware);
            if ($experience !== null) {
                $found[$firmware] = $experience;
            }
        }
        ksort($found);

        return $found;
    }

    /** @return Collection<int, PairAttempt> oldest first */
    private static function attempts(int $profileId): Collection
    {
        return PairAttempt::query()->with('node')->whereRelation('slot', 'profile_id', $profileId)
            ->latest('id')->limit(self::MOST_ATTEMPTS)->get()->reverse()->values();
    }

    /** @param Collection<int, PairAttempt> $tries of one slot, oldest first */
    private static function tried(Collection $tries, ?string $firmware): ?Tried
    {
        $last = $tries->last(static fn (PairAttempt $one): bool => $one->state === AttemptState::Joined);
        if ($last === null || ($firmware !== null && $last->node?->firmware !== $firmware)) {
            return null;
        }
        $until = $tries->where('id', '<=', $last->id);
        $failed = $until->filter(static fn (PairAttempt $one): bool => $one->state->isFailure())->values();
        $minutes = $until->sum(static fn (PairAttempt $one): float => $one->ended_at === null
            ? 0.0
            : $one->started_at->diffInMinutes($one->ended_at));
        $missing = array_merge(...$failed->map(static fn (PairAttempt $one): array => array_values($one->missing))->all());

        return new Tried(
            $failed->count() + 1,
            $minutes,
            array_values($failed->map(static fn (PairAttempt $one): AttemptState => $one->state)->all()),
            array_map(strval(...), $missing),
        );
    }
}
