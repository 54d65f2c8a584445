<?php

declare(strict_types=1);

namespace App\Stations\Pair;

use App\JobSheet\JobSheet;
use App\JobSheet\SlotCard;
use App\Models\PairAttempt;
use Illuminate\Database\Eloquent\Collection;
use Kavvel\Core\Input\Input;
use Kavvel\Core\Pairing\AttemptState;
use Kavvel\Core\Pairing\Cause;
use Kavvel\Core\Pairing\Diagnosis;
use Kavvel\Core\Pairing\Evidence;
use Kavvel\Core\Pairing\Light;
use Kavvel\Core\Pairing\NetworkFacts;

/** What to try after a failure, or when the light is not what it should be: from all attempts of a device so far. */
final readonly class Advice
{
    /**
     * @param  Collection<int, PairAttempt>  $attempts  oldest first
     * @param  NetworkFacts  $noted  on the sheet of its hub
     * @return list<Cause>
     */
    public static function after(
        JobSheet $sheet,
        SlotCard $target,
        Collection $attempts,
        bool $isHeld,
        NetworkFacts $noted = new NetworkFacts,
    ): array {
        $advised = [];
        $causes = [];
        $missing = [];
        foreach (self::sinceItWasIn($attempts) as $attempt) {
            $causes = self::asksForAdvice($attempt)
                ? Diagnosis::of(self::evidence($sheet, $target, $attempt, $isHeld, $noted, $advised, $missing))
                : [];
            if ($attempt->state->isFailure() && $causes !== []) {
                $advised[] = $causes[0]->code;
                $missing[] = $attempt->missing;
            }
        }

        return $causes;
    }

    /**
     * @param  list<string>  $advised
     * @param  list<array<array-key, mixed>>  $missing  of the failures before
     */
    private static function evidence(
        JobSheet $sheet,
        SlotCard $target,
        PairAttempt $attempt,
        bool $isHeld,
        NetworkFacts $noted,
        array $advised,
        array $missing,
    ): Evidence {
        $leftAt = $target->slot->left_at;
        $closesAt = $attempt->joinWindow->ended_at ?? $attempt->ended_at;

        return new Evidence(
            $attempt->state,
            $target->profile,
            $target->forecast?->bestDb,
            $attempt->light,
            array_values(array_map(strval(...), $attempt->missing)),
            $sheet->job->region,
            $attempt->strangers,
            $isHeld,
            $attempt->failure,
            NetworkFacts::fromInput(Input::of($attempt->network ?? []))->or($noted),
            $advised,
            $attempt->other_seen,
            $leftAt !== null && $leftAt->lessThanOrEqualTo($attempt->started_at),
            $attempt->missing !== [] && in_array($attempt->missing, $missing, true),
            $attempt->light === Light::Seen && $attempt->light_at !== null && $closesAt !== null
                ? max(0.0, $attempt->light_at->diffInSeconds($closesAt))
                : null,
            $attempt->reached,
            $attempt->interview_total > 0 && $attempt->interview_done >= $attempt->interview_total,
            $target->slot->hardware,
        );
    }

    private static function asksForAdvice(PairAttempt $attempt): bool
    {
        $isWrongLight = $attempt->state === AttemptState::Waiting && $attempt->light !== null && $attempt->light !== Light::Seen;

        return $attempt->state->isFailure() || $isWrongLight;
    }

    /**
     * @param  Collection<int, PairAttempt>  $attempts
     * @return list<PairAttempt>
     */
    private static function sinceItWasIn(Collection $attempts): array
    {
        $since = [];
        foreach ($attempts as $attempt) {
            $since = $attempt->state === AttemptState::Joined ? [$attempt] : [...$since, $attempt];
        }

        return $since;
    }
}
