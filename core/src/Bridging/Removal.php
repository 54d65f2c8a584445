<?php

declare(strict_types=1);

namespace Kavvel\Core\Bridging;

/** What an ecosystem does when somebody deletes one device that stands behind a bridge. */
enum Removal: string
{
    case Single = 'single';
    case Bridge = 'bridge';
    case NotOffered = 'not-offered';

    public function words(): string
    {
        return match ($this) {
            self::Single => 'takes that one away',
            self::Bridge => 'takes the whole bridge away, with all behind it',
            self::NotOffered => 'is not offered: only the whole bridge can be taken away',
        };
    }
}
