<?php

declare(strict_types=1);

namespace Kavvel\Core\Existing;

/** How far a device that was there before is, what comes first standing first. */
enum ExistingStanding: int
{
    case ToLeave = 0;
    case ToPlan = 1;
    case Stays = 2;
    case Done = 3;

    /** @param Fate $fate of the device */
    public function words(Fate $fate): string
    {
        return match ($this) {
            self::ToLeave => 'to leave first',
            self::ToPlan => 'to be planned',
            self::Stays => 'stays',
            self::Done => $fate === Fate::Move ? 'free, to be paired as planned' : 'out',
        };
    }

    /** @param list<ExistingDevice> $devices */
    public static function next(array $devices): ?ExistingDevice
    {
        usort($devices, static fn (ExistingDevice $a, ExistingDevice $b): int => $a->standing()->value <=> $b->standing()->value);

        return isset($devices[0]) && in_array($devices[0]->standing(), [self::ToLeave, self::ToPlan], true) ? $devices[0] : null;
    }
}
