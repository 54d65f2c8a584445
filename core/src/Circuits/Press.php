<?php

declare(strict_types=1);

namespace Kavvel\Core\Circuits;

/** How a key is pressed. */
enum Press: string
{
    case Once = 'press';
    case Twice = 'double';
    case Hold = 'hold';

    public function words(): string
    {
        return match ($this) {
            self::Once => 'press',
            self::Twice => 'press twice',
            self::Hold => 'hold',
        };
    }
}
