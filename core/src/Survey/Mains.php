<?php

declare(strict_types=1);

namespace Kavvel\Core\Survey;

/** What comes out of the wall: a device for one of these may be ruined by another. */
enum Mains: string
{
    case V230 = '230-50';
    case V120 = '120-60';
    case V240 = '240-60';

    public function volts(): float
    {
        return match ($this) {
            self::V230 => 230.0,
            self::V120 => 120.0,
            self::V240 => 240.0,
        };
    }

    public function words(): string
    {
        return match ($this) {
            self::V230 => '230 V, 50 Hz',
            self::V120 => '120 V, 60 Hz',
            self::V240 => '220 to 240 V, 60 Hz',
        };
    }
}
