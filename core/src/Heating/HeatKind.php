<?php

declare(strict_types=1);

namespace Kavvel\Core\Heating;

/** What heats a room. */
enum HeatKind: string
{
    case Floor = 'floor';
    case Radiators = 'radiators';
    case Electric = 'electric';

    public function words(): string
    {
        return match ($this) {
            self::Floor => 'Under the floor',
            self::Radiators => 'Radiators',
            self::Electric => 'Electric',
        };
    }
}
