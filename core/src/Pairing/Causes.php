<?php

declare(strict_types=1);

namespace Kavvel\Core\Pairing;

use Kavvel\Core\Catalogue\Step;
use Kavvel\Core\Protocol\Protocol;
use Kavvel\Core\Radio\Margin;

/** The causes that more than one kind of failure can have, each with the next thing to try. */
final readonly class Causes
{
    public function __construct(private Evidence $evidence) {}

    public function far(): ?Cause
    {
        return ! $this->evidence->isFar() ? null : new Cause(
            'far',
            'The forecast at its place is '.Margin::text((float) $this->evidence->marginDb).': too far to join.',
            'Bring it within 2 m of the hub or a relay, let it join, then place it.',
        );
    }

    public function brokenLink(): ?Cause
    {
        return $this->evidence->isFar() ? null : new Cause(
            'far',
            'The link broke in the middle.',
            'Bring it within 2 m of the hub or a relay, and let it join there.',
        );
    }

    public function noPower(): Cause
    {
        return $this->evidence->isOnBattery() ? $this->flatBattery() : new Cause(
            'power',
            'It shows no light: it has no power.',
            'Look that its feed is on, and that nothing else switches it off.',
        );
    }

    public function flatBattery(): Cause
    {
        return new Cause(
            'battery',
            'Its battery is flat, or the tab is still in.',
            'Pull the tab, measure the battery, or put in a new one.',
        );
    }

    public function owned(): Cause
    {
        return new Cause('owned', $this->evidence->profile->protocol === Protocol::ZWave
            ? 'Another controller still owns it, perhaps one that is long gone.'
            : 'Another network still owns it.', $this->leave());
    }

    public function wrongCode(): Cause
    {
        $what = $this->evidence->profile->codeSheet?->family->words() ?? 'code';

        return new Cause(
            'wrong-code',
            "The {$what} is not that of this unit, or was read wrongly.",
            "Read the {$what} again from the device itself, not from its box or its leaflet.",
        );
    }

    public function crowd(): Cause
    {
        $others = $this->evidence->strangers;

        return new Cause('crowd', match (true) {
            $others === 0 => 'Another device may have answered in its place.',
            $others === 1 => 'Another device announced in this window too.',
            default => "{$others} other devices announced in this window too.",
        }, 'Switch off what else may be pairing, one at a time.');
    }

    /** How it is made free again, as its recipe says. */
    private function leave(): string
    {
        $steps = $this->evidence->recipe->leave ?? [];
        $how = implode(', ', array_map(static fn (Step $step): string => $step->sentence(), $steps));

        return match (true) {
            $this->evidence->profile->protocol === Protocol::ZWave => 'Exclude it first: open the exclusion window, then '
                .($how === '' ? 'do as its sheet says.' : lcfirst($how).'.'),
            $how === '' => 'Reset it as its sheet says, then try again.',
            default => "{$how}: that resets it. Then try again.",
        };
    }
}
