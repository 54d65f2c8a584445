<?php

declare(strict_types=1);

namespace Kavvel\Core\Bridging;

/** Whether the maker of a box still mends it. */
enum Support: string
{
    case Maintained = 'maintained';
    case Ending = 'ending';
    case Ended = 'ended';

    public function words(): string
    {
        return match ($this) {
            self::Maintained => 'maintained',
            self::Ending => 'its support ends soon',
            self::Ended => 'no longer maintained: no new device depends on it',
        };
    }
}
