<?php

declare(strict_types=1);

namespace Kavvel\Core\Fit;

/** What a two-pole voltage detector did on a source that is known to be live. */
enum Detector: string
{
    case Works = 'works';
    case Fails = 'fails';
    case NotTried = 'not-tried';

    public function words(): string
    {
        return match ($this) {
            self::Works => 'works',
            self::Fails => 'fails',
            self::NotTried => 'not tried',
        };
    }
}
