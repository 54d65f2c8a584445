<?php

declare(strict_types=1);

namespace Kavvel\Core\Radio;

/** What drowns an antenna at 2.4 GHz when it is near, by the purpose of its point in the plan. */
enum Disturber: string
{
    case AccessPoint = 'access point';
    case FastUsbPort = 'fast USB port';

    /** Nearer than this it is a snag, in metres. */
    public function keepAwayM(): float
    {
        return match ($this) {
            self::AccessPoint => 1.5,
            self::FastUsbPort => 0.5,
        };
    }
}
