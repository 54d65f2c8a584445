<?php

declare(strict_types=1);

namespace Kavvel\Core\Catalogue;

use Kavvel\Core\Site\SpotKind;

/** Where a kind of device goes, where its profile does not say so. */
final readonly class UsualSpot
{
    /** @param list<string> $capabilities */
    public static function of(array $capabilities, ?Load $load, bool $hasBattery, bool $removable): SpotKind
    {
        $can = static fn (string ...$any): bool => array_intersect($any, $capabilities) !== [];

        return match (true) {
            $load === Load::Appliance => SpotKind::Appliance,
            $load === Load::Socket, $load === Load::Light && $removable => SpotKind::Socket,
            $load === Load::Light => SpotKind::Ceiling,
            $can('contact', 'cover', 'tilt') => SpotKind::Window,
            $can('lock', 'camera') => SpotKind::Latch,
            $can('smoke') => SpotKind::Ceiling,
            $can('leak') => SpotKind::Floor,
            $can('occupancy', 'siren') => SpotKind::Corner,
            $can('thermostat') && $hasBattery => SpotKind::Radiator,
            $can('button', 'display') => SpotKind::Entrance,
            default => SpotKind::Wall,
        };
    }
}
