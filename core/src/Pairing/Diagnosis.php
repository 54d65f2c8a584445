<?php

declare(strict_types=1);

namespace Kavvel\Core\Pairing;

use Kavvel\Core\Catalogue\Step;
use Kavvel\Core\Radio\Margin;

/**
 * Ranks why an attempt failed or stands still, likeliest and cheapest first. What was tried and did nothing does not come
 * first again, and after three failures of one kind the same try is never given a fourth time.
 */
final readonly class Diagnosis
{
    private const SAME_TRIES = 3;

    private function __construct(private Evidence $evidence) {}

    /** @return list<Cause> at least one */
    public static function of(Evidence $evidence): array
    {
        $diagnosis = new self($evidence);
        $causes = array_values(array_filter([
            $diagnosis->otherRegion(),
            ...match ($evidence->state) {
                AttemptState::InPart, AttemptState::Failed => $diagnosis->cutShort(),
                default => $diagnosis->unheard(),
            },
        ]));
        if ($evidence->sameBefore >= self::SAME_TRIES - 1) {
            $kept = array_filter(
                $causes,
                static fn (Cause $cause): bool => ! in_array($cause->code, ['not-pairing', 'window', 'cut-short'], true),
            );
            $causes = [...array_values($kept), $diagnosis->swap()];
        }

        return $causes;
    }

    /** @return list<Cause|null> */
    private function cutShort(): array
    {
        $wokenBefore = $this->evidence->sameBefore > 0;
        $asleep = $this->evidence->isOnBattery() ? $this->asleep() : $this->lostPower();

        return [
            $this->tooFar(),
            $wokenBefore ? $this->brokenLink() : $asleep,
            $wokenBefore ? $asleep : $this->brokenLink(),
            $wokenBefore && $this->evidence->isOnBattery() ? $this->flatBattery() : null,
            new Cause(
                'unsupported',
                'This hub does not know the model.',
                'Look for other firmware of the hub; without it these functions stay missing.',
            ),
        ];
    }

    /** @return list<Cause|null> */
    private function unheard(): array
    {
        $dark = $this->evidence->light === Light::None;

        $owned = new Cause('owned', 'Another network still owns it.', $this->leave());

        return [
            $this->evidence->isHeld ? $owned : null,
            $this->tooFar(),
            $dark ? $this->noPower() : null,
            $this->notPairing(),
            $this->evidence->isHeld ? null : $owned,
            $this->evidence->state === AttemptState::WindowEnded ? $this->windowTooShort() : null,
            ! $dark && $this->evidence->isOnBattery() ? $this->flatBattery() : null,
            $this->crowd(),
        ];
    }

    private function otherRegion(): ?Cause
    {
        $made = $this->evidence->profile->region;

        return $made === null || $this->evidence->profile->suits($this->evidence->region) ? null : new Cause(
            'region',
            "It is made for {$made->value}, the hub for {$this->evidence->region->value}: they never hear each other.",
            "Exchange it for the {$this->evidence->region->value} model.",
        );
    }

    private function tooFar(): ?Cause
    {
        return ! $this->isFar() ? null : new Cause(
            'far',
            'The forecast at its place is '.Margin::text((float) $this->evidence->marginDb).': too far to join.',
            'Bring it within 2 m of the hub or a relay, let it join, then place it.',
        );
    }

    /** A device that shows nothing at all is first thought to have no power. */
    private function noPower(): Cause
    {
        return $this->evidence->isOnBattery()
            ? $this->flatBattery()
            : new Cause(
                'power',
                'It shows no light: it has no power.',
                'Look that its feed is on, and that nothing else switches it off.',
            );
    }

    private function flatBattery(): Cause
    {
        return new Cause(
            'battery',
            'Its battery is flat, or the tab is still in.',
            'Pull the tab, measure the battery, or put in a new one.',
        );
    }

    private function notPairing(): ?Cause
    {
        if ($this->evidence->light === Light::Seen) {
            return null;
        }
        $light = $this->evidence->profile->recipe->light ?? 'its light shows that it waits';
        $gesture = $this->evidence->profile->recipe?->gesture();
        $again = $gesture === null ? 'Start its pairing again.' : $gesture->sentence().', with the window open.';

        return $this->evidence->light === Light::Other
            ? new Cause(
                'not-pairing',
                "Another pattern is another mode. Only when {$light}, it waits to be found.",
                $this->notHeld($gesture).$again,
            )
            : new Cause('not-pairing', "It may not be waiting to be found. When it does, {$light}.", $again);
    }

    /** The commonest slip is to hold what should be tapped. */
    private function notHeld(?Step $gesture): string
    {
        return $gesture?->isShort() === true ? 'Let go of it for 10 s. Then: ' : '';
    }

    private function windowTooShort(): Cause
    {
        return new Cause('window', 'The window ended before it was ready.', 'Open the next window first, then wake the device.');
    }

    private function crowd(): Cause
    {
        $others = $this->evidence->strangers;

        return new Cause(
            'crowd',
            match (true) {
                $others === 0 => 'Another device may have answered in its place.',
                $others === 1 => 'Another device announced in this window too.',
                default => "{$others} other devices announced in this window too.",
            },
            'Switch off what else may be pairing, one at a time.',
        );
    }

    private function asleep(): Cause
    {
        return new Cause(
            'cut-short',
            'It fell asleep during the interview.'.$this->missing(),
            'Wake it again with one short press every second until the interview ends.',
        );
    }

    private function lostPower(): Cause
    {
        return new Cause(
            'cut-short',
            'It lost power or was switched during the interview.'.$this->missing(),
            'Leave it switched on, and let it join again.',
        );
    }

    private function brokenLink(): ?Cause
    {
        return $this->isFar() ? null : new Cause(
            'far',
            'The link broke during the interview.',
            'Bring it within 2 m of the hub or a relay, and let it join there.',
        );
    }

    private function swap(): Cause
    {
        return new Cause(
            'swap',
            'The same try has failed three times.',
            'Do not repeat it: take another unit from the van, and mark this one.',
        );
    }

    private function isFar(): bool
    {
        return $this->evidence->marginDb !== null && $this->evidence->marginDb < Margin::THIN_DB;
    }

    private function missing(): string
    {
        return $this->evidence->missing === [] ? '' : ' Missing: '.implode(', ', $this->evidence->missing).'.';
    }

    private function leave(): string
    {
        $steps = $this->evidence->profile->recipe->leave ?? [];

        return $steps === []
            ? 'Reset it as its sheet says, then try again.'
            : implode(', ', array_map(static fn (Step $step): string => $step->sentence(), $steps)).': that resets it. Then try again.';
    }
}
