<?php

declare(strict_types=1);

namespace Kavvel\Core\Catalogue;

use Kavvel\Core\Protocol\Protocol;

/** What a device switches. */
enum Load: string
{
    case Light = 'light';

    /** Whatever is plugged in */
    case Socket = 'socket';

    /** The machine that it is a part of */
    case Appliance = 'appliance';

    /**
     * Where a profile does not say so.
     *
     * @param  list<string>  $capabilities
     * @param  bool  $removable  it can be pulled
     */
    public static function usual(Protocol $protocol, array $capabilities, bool $removable): ?self
    {
        $can = static fn (string ...$any): bool => array_intersect($any, $capabilities) !== [];

        return match (true) {
            ! $can('on-off') => null,
            $protocol === Protocol::Infrared, $protocol === Protocol::Rf433 => self::Appliance,
            $can('level', 'colour') => self::Light,
            $removable, $can('relay') => self::Socket,
            default => self::Light,
        };
    }
}
