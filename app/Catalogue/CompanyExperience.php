<?php

declare(strict_types=1);

namespace App\Catalogue;

use App\Models\Gateway;
use App\Models\PairAttempt;
use Kavvel\Core\Pairing\Attempt;
use Kavvel\Core\Pairing\AttemptState;
use Kavvel\Core\Pairing\Experience;
use Kavvel\Core\Pairing\Tried;

/** How devices of a model came in, over all jobs of the company. */
final readonly class CompanyExperience
{
    /** The latest are enough to go by */
    private const MOST_ATTEMPTS = 400;

    public static function of(int $profileId): ?Experience
    {
        return self::among(self::bySlot($profileId));
    }

    /**
     * What is known of a model at hubs of this kind; where that is too little, at all hubs.
     *
     * @return array{Experience|null, bool} the second: it is of hubs of this kind
     */
    public static function at(int $profileId, ?Gateway $gateway): array
    {
        $all = self::bySlot($profileId);
        $alike = $gateway === null ? [] : array_values(array_filter(
            $all,
            static fn (array $tries): bool => self::hub($tries) === $gateway->kindOrName(),
        ));
        $there = self::among($alike);

        return [$there ?? self::among($all), $there !== null && count($alike) < count($all)];
    }

    /** @return array<string, Experience> by firmware of the devices and kind of hub, "1.0.3 at Stand-in hub", where there is some */
    public static function byFirmware(int $profileId): array
    {
        $byBoth = [];
        foreach (self::bySlot($profileId) as $tries) {
            $firmware = self::firmware($tries);
            $hub = self::hub($tries);
            if ($firmware !== null) {
                $byBoth[$hub === null ? $firmware : "{$firmware} at {$hub}"][] = $tries;
            }
        }
        $found = array_filter(array_map(self::among(...), $byBoth));
        ksort($found);

        return $found;
    }

    /** @return list<list<PairAttempt>> those of each device, oldest first */
    private static function bySlot(int $profileId): array
    {
        $bySlot = [];
        $latest = PairAttempt::query()->with(['node', 'joinWindow.gateway'])->whereRelation('slot', 'profile_id', $profileId)
            ->latest('id')->limit(self::MOST_ATTEMPTS)->get();
        foreach ($latest->reverse() as $attempt) {
            $bySlot[$attempt->slot_id][] = $attempt;
        }

        return array_values($bySlot);
    }

    /** @param list<PairAttempt> $tries */
    private static function firmware(array $tries): ?string
    {
        $joined = array_filter($tries, static fn (PairAttempt $one): bool => $one->state === AttemptState::Joined);

        return end($joined) === false ? null : end($joined)->node?->firmware;
    }

    /** @param list<PairAttempt> $tries */
    private static function hub(array $tries): ?string
    {
        return end($tries) === false ? null : end($tries)->joinWindow?->gateway->kindOrName();
    }

    /** @param list<list<PairAttempt>> $bySlot */
    private static function among(array $bySlot): ?Experience
    {
        return Experience::of(array_values(array_filter(array_map(
            static fn (array $tries): ?Tried => Tried::of(array_map(self::core(...), $tries)),
            $bySlot,
        ))));
    }

    private static function core(PairAttempt $one): Attempt
    {
        $minutes = $one->ended_at === null ? 0.0 : $one->started_at->diffInMinutes($one->ended_at);

        return new Attempt($one->state, $minutes, array_values(array_map(strval(...), $one->missing)));
    }
}
