<?php

declare(strict_types=1);

namespace Kavvel\Standin\House;

/** How a device stands behind its bridge. */
enum Presence: string
{
    /** The bridge has it, and it answers */
    case Online = 'online';

    /** The bridge has it, and it does not answer */
    case Offline = 'offline';

    /** Nobody has paired it with the bridge yet */
    case Absent = 'absent';
}
