<?php

declare(strict_types=1);

namespace Kavvel\Core\Pairing;

use Kavvel\Core\Radio\Margin;

/**
 * Ranks why an attempt failed, likeliest and cheapest first. After three failures of one kind the same try
 * is never given again: what changes the situation comes first.
 */
final readonly class Diagnosis
{
    private const SAME_TRIES = 3;

    /** @return list<Cause> at least one */
    public static function of(Evidence $evidence): array
    {
        $causes = match ($evidence->ending) {
            AttemptState::InPart, AttemptState::Failed => self::cutShort($evidence),
            default => self::unheard($evidence),
        };
        if ($evidence->sameBefore >= self::SAME_TRIES - 1) {
            $again = array_filter($causes, static fn (Cause $cause): bool => in_array($cause->code, ['not-pairing', 'window', 'cut-short'], true));
            $causes = [...array_values(array_udiff($causes, $again, static fn (Cause $a, Cause $b): int => strcmp($a->code, $b->code))), self::swap()];
        }

        return $causes;
    }

    /** @return list<Cause> */
    private static function cutShort(Evidence $evidence): array
    {
        $missing = $evidence->missing === [] ? '' : ' Missing: '.implode(', ', $evidence->missing).'.';
        $causes = [];
        if (self::isFar($evidence)) {
            $causes[] = self::tooFar($evidence);
        }
        $causes[] = new Cause('cut-short', 'It fell asleep during the interview.'.$missing, 'Wake it again with one short press every second until the interview ends.');
        if (! self::isFar($evidence)) {
            $causes[] = new Cause('far', 'The link broke during the interview.', 'Bring it within 2 m of the gateway or a relay, and let it join there.');
        }
        $causes[] = new Cause('unsupported', 'This gateway does not know the model.', 'Look for other firmware of the gateway; without it these functions stay missing.');

        return $causes;
    }

    /** @return list<Cause> */
    private static function unheard(Evidence $evidence): array
    {
        $light = $evidence->profile->recipe === null ? 'its light should show that it waits' : $evidence->profile->recipe->light;
        $gesture = $evidence->profile->recipe?->gesture();
        $causes = [];
        if (self::isFar($evidence)) {
            $causes[] = self::tooFar($evidence);
        }
        if (! $evidence->sawLight) {
            $causes[] = new Cause('not-pairing', "It is not waiting to be found: {$light}.", $gesture === null ? 'Start its pairing again.' : $gesture->sentence().', with the window open.');
        }
        $causes[] = new Cause('owned', 'Another network still owns it.', self::leave($evidence));
        if ($evidence->ending === AttemptState::WindowEnded) {
            $causes[] = new Cause('window', 'The window ended before it was ready.', 'Open the next window first, then wake the device.');
        }
        if ($evidence->profile->power === 'battery') {
            $causes[] = new Cause('battery', 'Its battery is flat or the tab is still in.', 'Measure the battery, or put in a new one.');
        }
        $causes[] = new Cause('crowd', 'Another device answered in its place.', 'Switch off what else may be pairing, one at a time.');

        return $causes;
    }

    private static function isFar(Evidence $evidence): bool
    {
        return $evidence->marginDb !== null && $evidence->marginDb < Margin::THIN_DB;
    }

    private static function tooFar(Evidence $evidence): Cause
    {
        return new Cause(
            'far',
            sprintf('The forecast at its place is %.0f dB: too far to join.', $evidence->marginDb),
            'Bring it within 2 m of the gateway or a relay, let it join, then place it.',
        );
    }

    private static function leave(Evidence $evidence): string
    {
        $steps = $evidence->profile->recipe->leave ?? [];

        return $steps === []
            ? 'Reset it as its sheet says, then try again.'
            : implode(', ', array_map(static fn ($step): string => $step->sentence(), $steps)).': that resets it. Then try again.';
    }

    private static function swap(): Cause
    {
        return new Cause('swap', 'The same try has failed three times.', 'Do not repeat it: take another unit from the van, and mark this one.');
    }
}
