<?php

declare(strict_types=1);

namespace Kavvel\Core\Wants;

/** Who wants it. */
enum WantedBy: string
{
    case Everyone = 'everyone';
    case Household = 'household';
    case Guests = 'guests';
    case Helpers = 'helpers';

    public function words(): string
    {
        return match ($this) {
            self::Everyone => 'Everyone',
            self::Household => 'The household',
            self::Guests => 'Guests',
            self::Helpers => 'Helpers, carers',
        };
    }
}
