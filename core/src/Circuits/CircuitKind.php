<?php

declare(strict_types=1);

namespace Kavvel\Core\Circuits;

/** What a circuit feeds. */
enum CircuitKind: string
{
    case Light = 'light';
    case Sockets = 'sockets';
    case Appliance = 'appliance';
    case Heating = 'heating';
    case Other = 'other';

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
