<?php

declare(strict_types=1);

namespace Kavvel\Core\Circuits;

/** What may make the light of a circuit smart (RULES 9.3). */
enum ChoiceKind: string
{
    case Switch = 'switch';
    case Lamps = 'lamps';
    case Plug = 'plug';

    public function words(): string
    {
        return match ($this) {
            self::Switch => 'One switch behind the old one',
            self::Lamps => 'Connected lamps',
            self::Plug => 'Plugs for the table lamps',
        };
    }
}
