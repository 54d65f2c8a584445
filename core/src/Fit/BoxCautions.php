<?php

declare(strict_types=1);

namespace Kavvel\Core\Fit;

use Kavvel\Core\Floorplan\RoomKind;

/** What has to be heeded at a box because of where it is and what it is made of (RULES 9.4); local code decides. */
final readonly class BoxCautions
{
    /** Rooms with water, as people call them (assumption) */
    private const WET = '/bath|shower|wash|laundry|sauna|pool|wet room/i';

    /** @return list<string> */
    public static function of(?FoundBox $box, RoomKind $kind, string $room): array
    {
        return array_values(array_filter([
            preg_match(self::WET, $room) === 1
                ? 'A room with water: local code decides what may go where, and behind which protection.' : null,
            in_array($kind, [RoomKind::Yard, RoomKind::Outbuilding], true)
                ? 'Outdoors or apart from the house: local code decides on protection, earthing and the kind of device.' : null,
            $box?->isMetal === true ? 'The box is metal: it is earthed before anything else goes in.' : null,
            $box !== null && $box->ganged > 1 ? 'Devices side by side warm each other: each bears less.' : null,
        ]));
    }
}
