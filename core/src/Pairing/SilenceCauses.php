<?php

declare(strict_types=1);

namespace Kavvel\Core\Pairing;

use Kavvel\Core\Catalogue\Step;
use Kavvel\Core\Codes\CodeFamily;
use Kavvel\Core\Protocol\Protocol;

/** Why a hub hears nothing of a device, or lost it before it was in. */
final readonly class SilenceCauses
{
    /** A device that waits is heard within this (assumption) */
    private const TIME_TO_ANSWER_SECONDS = 30.0;

    private Causes $causes;

    private function __construct(private Evidence $evidence)
    {
        $this->causes = new Causes($evidence);
    }

    /** @return list<Cause|null> likeliest and cheapest first */
    public static function of(Evidence $evidence): array
    {
        $silence = new self($evidence);
        $owned = $silence->causes->owned();

        return [
            ...$silence->shown($owned),
            $evidence->otherSeen ? $silence->causes->wrongCode() : null,
            $evidence->isHeld ? $owned : null,
            $silence->causes->far(),
            $evidence->strangers > 0 || $silence->wasOnlyHeard() ? $silence->causes->crowd() : null,
            $silence->endedTooSoon() ? $silence->windowTooShort() : null,
            $silence->notPairing(),
            ...$silence->otherwise($owned),
            $silence->windowTooShort(),
            $evidence->isOnBattery() ? $silence->causes->flatBattery() : null,
            $silence->crowdOr(),
        ];
    }

    /** Something announced, and never got further: it may have been something else. */
    private function wasOnlyHeard(): bool
    {
        return $this->evidence->state === AttemptState::WindowEnded && $this->evidence->reached === AttemptState::Announced;
    }

    /** The window was over before the device was through, or shortly after it was ready. */
    private function endedTooSoon(): bool
    {
        $seen = $this->evidence->seenSecondsBeforeEnd;

        return $this->evidence->state === AttemptState::WindowEnded || ($seen !== null && $seen < self::TIME_TO_ANSWER_SECONDS);
    }

    /** @return list<Cause> what its light says outright */
    private function shown(Cause $owned): array
    {
        return match ($this->evidence->light) {
            Light::None => [$this->causes->noPower()],
            Light::Low => [$this->causes->flatBattery()],
            Light::Owned => [$owned],
            Light::Held => [$this->held()],
            default => [],
        };
    }

    /** @return list<Cause|null> what a light that is as it should be leaves, and what nobody has looked at */
    private function otherwise(Cause $owned): array
    {
        $isSeen = $this->evidence->light === Light::Seen;
        $mayBeOwned = ! ($isSeen && $this->evidence->wouldShow(Light::Owned)) && ! $this->evidence->hasLeft;
        $otherRegion = $this->otherRegion();

        return [
            $isSeen && ! $mayBeOwned ? $otherRegion : null,
            $isSeen ? $this->notFoundByCode() : null,
            $mayBeOwned ? $owned : null,
            $isSeen && $mayBeOwned ? $otherRegion : null,
        ];
    }

    private function notPairing(): ?Cause
    {
        if (in_array($this->evidence->light, [Light::Seen, Light::Held, Light::Owned], true)) {
            return null;
        }
        $light = $this->evidence->recipe->light ?? 'its light shows that it waits';
        $gesture = $this->evidence->recipe?->gesture();
        $again = $gesture === null ? 'Start its pairing again.' : $gesture->sentence().', with the window open.';

        return $this->evidence->light === Light::Other
            ? new Cause(
                'not-pairing',
                "Another pattern is another mode. Only when {$light}, it waits to be found.",
                $this->letGo($gesture).$again,
            )
            : new Cause('not-pairing', "It may not be waiting to be found. When it does, {$light}.", $again);
    }

    private function held(): Cause
    {
        $gesture = $this->evidence->recipe?->gesture();
        $again = $gesture === null ? 'Start its pairing again, with short presses.' : $gesture->sentence().'.';

        return new Cause('hold-not-tap', 'Its key was held where it is to be pressed short.', $this->letGo($gesture).$again);
    }

    /** The commonest slip is to hold what should be tapped. */
    private function letGo(?Step $gesture): string
    {
        return $gesture?->isShort() === true ? 'Let go of it for 10 s. Then: ' : '';
    }

    private function windowTooShort(): Cause
    {
        return new Cause('window', 'The window ended before it was ready.', 'Open the next window first, then wake the device.');
    }

    /** A unit that is made for elsewhere blinks as it should, and is never heard. */
    private function otherRegion(): ?Cause
    {
        return ! $this->evidence->profile->protocol->rules()->hasRegions() ? null : new Cause(
            'region',
            'The unit may be made for another region: then its radio and the hub’s never hear each other.',
            "Look at the marking on the unit itself: it must say {$this->evidence->region->value}. Else exchange it.",
        );
    }

    /** A Matter device is looked for by its code. */
    private function notFoundByCode(): ?Cause
    {
        return $this->evidence->profile->codeSheet?->family === CodeFamily::Matter && ! $this->evidence->otherSeen
            ? $this->causes->wrongCode()
            : null;
    }

    private function crowdOr(): ?Cause
    {
        return $this->evidence->strangers > 0 || $this->evidence->profile->protocol === Protocol::Wifi ? null : $this->causes->crowd();
    }
}
