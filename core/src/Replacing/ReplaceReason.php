<?php

declare(strict_types=1);

namespace Kavvel\Core\Replacing;

/** Why a device is replaced. */
enum ReplaceReason: string
{
    case Dead = 'dead';
    case Gone = 'gone';
    case Faulty = 'faulty';
    case Better = 'better';

    /** "it is dead", in the middle of a sentence */
    public function words(): string
    {
        return match ($this) {
            self::Dead => 'it is dead',
            self::Gone => 'it is gone',
            self::Faulty => 'it does not work as it should',
            self::Better => 'another one takes its place',
        };
    }

    /** It still answers: it can be taken out of its network in the way of its protocol. */
    public function isAtHand(): bool
    {
        return $this === self::Faulty || $this === self::Better;
    }
}
