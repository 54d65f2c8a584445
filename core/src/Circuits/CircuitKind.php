<?php

declare(strict_types=1);

namespace Kavvel\Core\Circuits;

use Kavvel\Core\Catalogue\Load;

/** What a circuit feeds. */
enum CircuitKind: string
{
    case Light = 'light';
    case Sockets = 'sockets';
    case Appliance = 'appliance';
    case Heating = 'heating';
    case Other = 'other';

    /** Whether a device that switches such a thing hangs on it. */
    public function feeds(?Load $load): bool
    {
        return match ($this) {
            self::Light => $load === Load::Light,
            self::Sockets => $load === Load::Socket || $load === null,
            self::Appliance => $load === Load::Appliance,
            self::Heating, self::Other => false,
        };
    }

    public function words(): string
    {
        return match ($this) {
            self::Light => 'Light',
            self::Sockets => 'Sockets',
            self::Appliance => 'One machine',
            self::Heating => 'Heating',
            self::Other => 'Something else',
        };
    }
}
