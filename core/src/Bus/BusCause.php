<?php

declare(strict_types=1);

namespace Kavvel\Core\Bus;

/** Why a device of a bus may not be heard though somebody operated it, and what to try. */
enum BusCause: string
{
    case NoSupply = 'no-supply';
    case OtherAddress = 'other-address';
    case NotLoaded = 'not-loaded';
    case Coupler = 'coupler';

    /**
     * The likeliest first.
     *
     * @param  bool  $isAnythingHeard  at all, since the bus is listened to
     * @param  bool  $isStrangerHeard  at an address that the project has not
     * @return list<self>
     */
    public static function ranked(bool $isAnythingHeard, bool $isStrangerHeard): array
    {
        return match (true) {
            $isStrangerHeard => [self::OtherAddress, self::NotLoaded, self::Coupler, self::NoSupply],
            $isAnythingHeard => [self::NotLoaded, self::Coupler, self::OtherAddress, self::NoSupply],
            default => [self::NoSupply, self::NotLoaded, self::Coupler, self::OtherAddress],
        };
    }

    public function words(): string
    {
        return match ($this) {
            self::NoSupply => 'The bus has no supply, or the hub is not on it',
            self::OtherAddress => 'It speaks at another address than the project says',
            self::NotLoaded => 'It was never loaded by the tool of its bus',
            self::Coupler => 'A coupler between its line and the hub’s does not let its address through',
        };
    }

    public function try(): string
    {
        return match ($this) {
            self::NoSupply => 'Look at the lamp of the bus supply and at the plug of the pair, at the supply and at the hub.',
            self::OtherAddress => 'Operate it again, and look for an address that is not in the project: load the device anew, '
                .'or take the newer project in.',
            self::NotLoaded => 'Press its programming key: the tool of its bus finds it then. Load it, and operate it again.',
            self::Coupler => 'Have the tool of its bus load the coupler’s table anew, or listen at its own line.',
        };
    }
}
