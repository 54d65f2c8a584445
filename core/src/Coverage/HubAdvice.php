<?php

declare(strict_types=1);

namespace Kavvel\Core\Coverage;

/** What to do with a hub, given how the network would be in other places. */
enum HubAdvice: string
{
    /** The place that is tried is worth the move */
    case Move = 'move';

    /** The place that is tried is not */
    case Leave = 'leave';

    /** Another place would have more devices accepted */
    case Try = 'try';

    /** Every device is accepted as it is */
    case Stay = 'stay';

    /** Devices are open that no other place would help */
    case AddRelays = 'add-relays';

    /**
     * Where as many devices are open and lost, a mean that is better by less is within what a forecast leaves out (assumption).
     * Where none is open, no mean is a reason to move a hub.
     */
    private const WORTH_DB = 3.0;

    /**
     * @param  HubPlace  $now  where it stands
     * @param  HubPlace|null  $tried  null: none is
     * @param  HubPlace  $best  of all that were looked at
     */
    public static function of(HubPlace $now, ?HubPlace $tried, HubPlace $best): self
    {
        return match (true) {
            $tried !== null => self::isWorthIt($now, $tried) ? self::Move : self::Leave,
            $best->open < $now->open => self::Try,
            $now->open === 0 => self::Stay,
            default => self::AddRelays,
        };
    }

    private static function isWorthIt(HubPlace $now, HubPlace $other): bool
    {
        return [$other->open, $other->lost] === [$now->open, $now->lost]
            ? $now->open > 0 && ($other->meanWeakestDb ?? -INF) - ($now->meanWeakestDb ?? -INF) >= self::WORTH_DB
            : [$other->open, $other->lost] < [$now->open, $now->lost];
    }
}
