<?php

declare(strict_types=1);

namespace Kavvel\Core\Catalogue;

/** What a conductor in a box is. */
enum WireRole: string
{
    /** Live whatever is switched */
    case Line = 'line';

    /** To the lamp */
    case Switched = 'switched';
    case Neutral = 'neutral';
    case Earth = 'earth';

    /** Between two switches of a two-way circuit */
    case Traveller = 'traveller';

    /** To a push button or another switch that only asks */
    case Asking = 'asking';

    /** Bus, bell or data: extra-low voltage */
    case ExtraLow = 'extra-low';

    public function words(): string
    {
        return match ($this) {
            self::Line => 'line, always live',
            self::Switched => 'to the lamp',
            self::Neutral => 'neutral',
            self::Earth => 'earth',
            self::Traveller => 'traveller',
            self::Asking => 'to a push button',
            self::ExtraLow => 'extra-low voltage',
        };
    }
}
