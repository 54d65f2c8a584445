<?php

declare(strict_types=1);

namespace Kavvel\Core\Bus;

/** What an address of a control point is for, told from the last words of its name. */
enum BusFunction: string
{
    case Switch = 'switch';
    case Status = 'status';
    case Value = 'value';
    case ValueStatus = 'value-status';
    case Move = 'move';
    case Stop = 'stop';
    case Position = 'position';
    case PositionStatus = 'position-status';
    case Setpoint = 'setpoint';
    case SetpointStatus = 'setpoint-status';
    case Actual = 'actual';
    case Mode = 'mode';
    case Report = 'report';

    public function words(): string
    {
        return match ($this) {
            self::Switch => 'switch',
            self::Status => 'state',
            self::Value => 'brightness',
            self::ValueStatus => 'brightness it has',
            self::Move => 'up and down',
            self::Stop => 'stop',
            self::Position => 'position',
            self::PositionStatus => 'position it has',
            self::Setpoint => 'setpoint',
            self::SetpointStatus => 'setpoint it has',
            self::Actual => 'measured temperature',
            self::Mode => 'mode',
            self::Report => 'report',
        };
    }

    /** What tells that it was done; null: nothing does. */
    public function toldBy(): ?self
    {
        return match ($this) {
            self::Switch => self::Status,
            self::Value => self::ValueStatus,
            self::Move, self::Position => self::PositionStatus,
            self::Setpoint => self::SetpointStatus,
            default => null,
        };
    }

    /** How long that may take, in ms: a dimmer tells when it is there, a blind after its whole run. */
    public function isToldWithinMs(): int
    {
        return match ($this) {
            self::Value => 15_000,
            self::Move, self::Position => 180_000,
            default => 3_000,
        };
    }

    /** A position is told in percent, whichever way was asked for. */
    public function isToldAsAsked(): bool
    {
        return $this !== self::Move;
    }

    /** Said by the device that the control point is, not to it. */
    public function isSaidByLoad(): bool
    {
        return match ($this) {
            self::Status, self::ValueStatus, self::PositionStatus, self::SetpointStatus, self::Actual, self::Report => true,
            default => false,
        };
    }

    /** @return list<string> how names say it, in small letters */
    private function endings(): array
    {
        return match ($this) {
            self::Switch => ['switch', 'switching', 'on/off', 'on-off', 'onoff'],
            self::Status => ['status', 'state', 'feedback', 'switch status', 'switch state', 'on/off status'],
            self::Value => ['value', 'brightness', 'dim', 'dimming', 'dim value'],
            self::ValueStatus => ['value status', 'brightness status', 'dim status', 'value feedback', 'brightness feedback'],
            self::Move => ['up/down', 'up-down', 'move', 'drive'],
            self::Stop => ['stop', 'step', 'stop/step'],
            self::Position => ['position', 'height'],
            self::PositionStatus => ['position status', 'height status', 'position feedback'],
            self::Setpoint => ['setpoint', 'target'],
            self::SetpointStatus => ['setpoint status', 'target status', 'setpoint feedback'],
            self::Actual => ['actual', 'actual temperature', 'temperature'],
            self::Mode => ['mode'],
            self::Report => ['presence', 'contact', 'key', 'button', 'press', 'leak', 'wind', 'rain'],
        };
    }

    /** @return array{self, string}|null the function, and the name without it; the longest ending decides */
    public static function of(string $name): ?array
    {
        $small = mb_strtolower(trim($name));
        $best = null;
        $longest = 0;
        foreach (self::cases() as $function) {
            foreach ($function->endings() as $ending) {
                $isEnding = preg_match('/(?:^|[\s,_:-])'.preg_quote($ending, '/').'$/u', $small) === 1;
                if ($isEnding && mb_strlen($ending) > $longest) {
                    $longest = mb_strlen($ending);
                    $best = [$function, trim(mb_substr(trim($name), 0, mb_strlen($small) - $longest), " \t,_:-")];
                }
            }
        }

        return $best;
    }
}
