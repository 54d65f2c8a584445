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
            self::Single => 'removes the one',
            self::Bridge => 'removes the bridge with all that is behind it',
            self::NotOffered => 'does not offer to remove one: only the bridge with all behind it',
        };
    }
}
