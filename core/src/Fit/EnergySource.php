<?php

declare(strict_types=1);

namespace Kavvel\Core\Fit;

/** What may make a box live although its circuit is off (RULES 9.5). */
enum EnergySource: string
{
    case SecondCircuit = 'second-circuit';
    case Travellers = 'travellers';
    case Timer = 'timer';
    case Solar = 'solar';
    case Battery = 'battery';

    public function words(): string
    {
        return match ($this) {
            self::SecondCircuit => 'A second circuit in the box',
            self::Travellers => 'Travellers from another switch',
            self::Timer => 'A feed from a timer, boiler or fan',
            self::Solar => 'Solar, with its own feed',
            self::Battery => 'A battery or standby supply',
        };
    }
}
