<?php

declare(strict_types=1);

namespace Kavvel\Core\Pairing;

/**
 * Ranks why an attempt failed or stands still, likeliest and cheapest first. What was advised twice and did nothing stands
 * behind what was not: after three failures of one kind the same try is never given a fourth time.
 */
final readonly class Diagnosis
{
    private const ADVISED_ENOUGH = 2;

    /** @return list<Cause> at least one, each once */
    public static function of(Evidence $evidence): array
    {
        $ranked = array_filter([self::otherRegion($evidence), ...match (true) {
            $evidence->state === AttemptState::InPart => PartCauses::of($evidence),
            $evidence->failure !== null => FailureCauses::of($evidence, $evidence->failure),
            default => SilenceCauses::of($evidence),
        }]);
        $causes = [];
        foreach ($ranked as $cause) {
            $causes[$cause->code] ??= $cause;
        }
        $times = array_count_values($evidence->advisedBefore);
        $isSpent = static fn (Cause $cause): bool => ($times[$cause->code] ?? 0) >= self::ADVISED_ENOUGH;
        $spent = array_filter($causes, $isSpent);

        return $spent === []
            ? array_values($causes)
            : [...array_values(array_diff_key($causes, $spent)), self::swap()];
    }

    /** Known from the sheet: nothing else is worth a try. */
    private static function otherRegion(Evidence $evidence): ?Cause
    {
        $made = $evidence->profile->region;

        return $made === null || $evidence->profile->suits($evidence->region) ? null : new Cause(
            'region',
            "It is made for {$made->value}, the hub for {$evidence->region->value}: they never hear each other.",
            "Exchange it for the {$evidence->region->value} model.",
        );
    }

    private static function swap(): Cause
    {
        return new Cause(
            'swap',
            'The same try has failed three times.',
            'Do not repeat it: take another unit from the van, and mark this one.',
        );
    }
}
