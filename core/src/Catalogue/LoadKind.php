<?php

declare(strict_types=1);

namespace Kavvel\Core\Catalogue;

/** How a load draws its current: each kind has a rating of its own. */
enum LoadKind: string
{
    case Led = 'led';
    case Resistive = 'resistive';
    case Transformer = 'transformer';
    case Motor = 'motor';

    public function words(): string
    {
        return match ($this) {
            self::Led => 'LED lamps',
            self::Resistive => 'heaters and filament lamps',
            self::Transformer => 'transformers',
            self::Motor => 'motors',
        };
    }

    public function isLamp(): bool
    {
        return $this !== self::Motor;
    }
}
