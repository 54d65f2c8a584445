<?php

declare(strict_types=1);

namespace Kavvel\Core\Fit;

/** How it is known what a conductor is. */
enum Evidence: string
{
    /** Read before the circuit was switched off, with every switch in every position */
    case AlwaysLive = 'always-live';

    /** Read live only while the lamp is on */
    case FollowsLamp = 'follows-lamp';

    /** Measured dead from end to end */
    case Continuity = 'continuity';

    /** Seen all its way */
    case Traced = 'traced';

    /** What its sleeve or its colour says */
    case Colour = 'colour';

    public function words(): string
    {
        return match ($this) {
            self::AlwaysLive => 'read live in every position',
            self::FollowsLamp => 'live only while the lamp is on',
            self::Continuity => 'continuity, measured dead',
            self::Traced => 'seen all its way',
            self::Colour => 'its colour only',
        };
    }

    /** A colour is a guess: conductors have been used for what they are not. */
    public function isProof(): bool
    {
        return $this !== self::Colour;
    }
}
