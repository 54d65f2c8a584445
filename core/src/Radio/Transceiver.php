<?php

declare(strict_types=1);

namespace Kavvel\Core\Radio;

use Kavvel\Core\Protocol\Protocol;
use Kavvel\Core\Protocol\RadioDefaults;
use Kavvel\Core\Protocol\Region;

/** A radio as the link budget sees it: MHz, dBm, dBi. */
final readonly class Transceiver
{
    public function __construct(
        public float $frequencyMHz,
        public float $txDbm,
        public float $sensitivityDbm,
        public float $gainDbi = RadioDefaults::GAIN_DBI,
    ) {}

    /** The planning defaults of a protocol. Infrared and wired buses have no radio: null. */
    public static function of(Protocol $protocol, Region $region = Region::Eu): ?self
    {
        return self::from($protocol->rules()->radio($region));
    }

    /** A second radio that reaches the controller straight; null where the protocol or the region has none. */
    public static function longRange(Protocol $protocol, Region $region): ?self
    {
        return self::from($protocol->rules()->longRange($region));
    }

    /** Radios of different bands never hear each other: other regions, or Long Range and the classic mesh. */
    public function hears(self $other): bool
    {
        return $this->frequencyMHz === $other->frequencyMHz;
    }

    /** What it hears of a link that has this much to spare, in dBm. */
    public function rssiAt(float $marginDb): float
    {
        return $this->sensitivityDbm + $marginDb;
    }

    private static function from(?RadioDefaults $defaults): ?self
    {
        return $defaults === null
            ? null
            : new self($defaults->frequencyMHz, $defaults->txDbm, $defaults->sensitivityDbm, $defaults->gainDbi);
    }
}
