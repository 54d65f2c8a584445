<?php

declare(strict_types=1);

namespace Kavvel\Core\Proving;

/** What a sensor tells that is held beside a reference, with its bounds. Source: the rules of the job, proving. */
enum Measured: string
{
    case Temperature = 'temperature';
    case Humidity = 'humidity';

    public function unit(): string
    {
        return $this === self::Temperature ? '°C' : '%RH';
    }

    /** Up to here it is right as it is */
    public function passesUpTo(): float
    {
        return $this === self::Temperature ? 0.5 : 5.0;
    }

    /** Up to here an offset sets it right; beyond, something else is wrong */
    public function offsetUpTo(): float
    {
        return $this === self::Temperature ? 2.0 : 10.0;
    }

    /** Name of the setting of a sensor that shifts it, where it has one */
    public function offsetSetting(): string
    {
        return "{$this->value}-offset";
    }

    public static function isOffset(string $setting): bool
    {
        return in_array($setting, array_map(static fn (self $one): string => $one->offsetSetting(), self::cases()), true);
    }

    /** Less change than this in five minutes is settled */
    public function settledBelow(): float
    {
        return $this === self::Temperature ? 0.2 : 1.0;
    }
}
