<?php

declare(strict_types=1);

namespace Kavvel\Core\Protocol;

/** The ways in which a device is reached. All that is particular to one stands in the class of its name. */
enum Protocol: string
{
    case Zigbee = 'zigbee';
    case ZWave = 'zwave';
    case Thread = 'thread';
    case Matter = 'matter';
    case Wifi = 'wifi';
    case BluetoothLe = 'bluetooth';
    case Infrared = 'ir';
    case Rf433 = 'rf';
    case WiredBus = 'wired';

    public function rules(): Rules
    {
        return match ($this) {
            self::Zigbee => new Zigbee,
            self::ZWave => new ZWave,
            self::Thread => new Thread,
            self::Matter => new Matter,
            self::Wifi => new Wifi,
            self::BluetoothLe => new BluetoothLe,
            self::Infrared => new Infrared,
            self::Rf433 => new Rf433,
            self::WiredBus => new WiredBus,
        };
    }

    /** Two letters, in one plain chip everywhere. */
    public function tag(): string
    {
        return $this->rules()->tag();
    }

    public function title(): string
    {
        return $this->rules()->title();
    }

    /** @return list<string> */
    public static function words(): array
    {
        return array_column(self::cases(), 'value');
    }

    /** @return list<self> those whose devices pass messages on for each other */
    public static function meshes(): array
    {
        return array_values(array_filter(self::cases(), static fn (self $protocol): bool => $protocol->rules()->routes() !== null));
    }

    /** @return list<self> those whose links a hub can read, meshes first */
    public static function readable(): array
    {
        $all = array_filter(self::cases(), static fn (self $one): bool => $one->rules()->paths() !== null);

        return [...self::meshes(), ...array_values(array_filter($all, static fn (self $one): bool => $one->rules()->routes() === null))];
    }

    /** @return list<self> those whose devices join a hub while it holds a window open */
    public static function paired(): array
    {
        return array_values(array_filter(
            self::cases(),
            static fn (self $protocol): bool => $protocol->rules()->joining() === Joining::Window,
        ));
    }

    /** @return list<self> those for which a relay can be planned */
    public static function handedOn(): array
    {
        return array_values(array_filter(self::cases(), static fn (self $protocol): bool => $protocol->rules()->isHandedOn()));
    }
}
