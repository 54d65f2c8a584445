<?php

declare(strict_types=1);

namespace Kavvel\Core\Cabling;

/** What a point is for, as far as cables follow from it. Others are allowed, and say nothing of cables. */
enum PointPurpose: string
{
    case Rack = 'rack';
    case Data = 'data';
    case AccessPoint = 'access point';
    case Camera = 'camera';
    case Coax = 'coax';
    case Speaker = 'speaker';
    case KeypadBus = 'keypad bus';
    case Thermostat = 'thermostat';
    case Blind = 'blind';
    case Alarm = 'alarm';
    case LightingFeed = 'lighting feed';
    case Spare = 'spare';

    /** Its usual cable and how many of it (assumption); null: none comes from the rack. */
    public function cable(): ?CableKind
    {
        return match ($this) {
            self::Rack => null,
            self::Data, self::AccessPoint, self::Camera, self::Spare => CableKind::Data,
            self::Coax => CableKind::Coax,
            self::Speaker => CableKind::Speaker,
            self::KeypadBus, self::Thermostat => CableKind::Bus,
            self::Alarm => CableKind::Alarm,
            self::Blind, self::LightingFeed => CableKind::Feed,
        };
    }

    public function count(): int
    {
        return $this === self::Data ? 2 : 1;
    }

    /** What it draws over its data cable, in watts (assumption). */
    public function watts(): float
    {
        return match ($this) {
            self::AccessPoint => 15.0,
            self::Camera => 9.0,
            default => 0.0,
        };
    }
}
