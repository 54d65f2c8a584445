<?php

declare(strict_types=1);

namespace Kavvel\Core\Bus;

/** What a control point is, by what can be done at it: what it needs, and what tells its state. */
enum BusTemplate: string
{
    case Light = 'light';
    case Dimmer = 'dimmer';
    case Blind = 'blind';
    case Thermostat = 'thermostat';
    case Sensor = 'sensor';

    /** @param list<BusFunction> $functions */
    public static function of(array $functions): self
    {
        $has = static fn (BusFunction ...$any): bool => array_filter(
            $any,
            static fn (BusFunction $one): bool => in_array($one, $functions, true),
        ) !== [];

        return match (true) {
            $has(BusFunction::Move, BusFunction::Stop, BusFunction::Position, BusFunction::PositionStatus) => self::Blind,
            $has(BusFunction::Setpoint, BusFunction::SetpointStatus, BusFunction::Mode) => self::Thermostat,
            $has(BusFunction::Value, BusFunction::ValueStatus) => self::Dimmer,
            $has(BusFunction::Switch, BusFunction::Status) => self::Light,
            default => self::Sensor,
        };
    }

    /** @return list<BusFunction> without these it can't do what it is for */
    public function needs(): array
    {
        return match ($this) {
            self::Light => [BusFunction::Switch],
            self::Dimmer => [BusFunction::Switch, BusFunction::Value],
            self::Blind => [BusFunction::Move, BusFunction::Stop],
            self::Thermostat => [BusFunction::Setpoint],
            self::Sensor => [],
        };
    }

    /** @return list<BusFunction> without these nobody knows more than what was last sent to it */
    public function feedback(): array
    {
        return match ($this) {
            self::Light => [BusFunction::Status],
            self::Dimmer => [BusFunction::Status, BusFunction::ValueStatus],
            self::Blind => [BusFunction::PositionStatus],
            self::Thermostat => [BusFunction::SetpointStatus, BusFunction::Actual],
            self::Sensor => [],
        };
    }
}
