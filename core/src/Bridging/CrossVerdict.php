<?php

declare(strict_types=1);

namespace Kavvel\Core\Bridging;

/** What is found where a device is operated from one place and looked at in another. */
enum CrossVerdict: string
{
    case InTime = 'in-time';
    case Straggles = 'straggles';
    case Misses = 'misses';
    case Reversed = 'reversed';
    case Silent = 'silent';
    case Untried = 'untried';

    public function words(): string
    {
        return match ($this) {
            self::InTime => 'in time',
            self::Straggles => 'late',
            self::Misses => 'not every time',
            self::Reversed => 'the wrong way round',
            self::Silent => 'no feedback',
            self::Untried => 'not tried',
        };
    }

    public function isGood(): bool
    {
        return $this === self::InTime;
    }
}
