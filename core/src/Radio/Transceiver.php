<?php

declare(strict_types=1);

namespace Kavvel\Core\Radio;

/** A radio as the link budget sees it: MHz, dBm, dBi. */
final readonly class Transceiver
{
    /** Where the bands below 1 GHz differ */
    public const REGIONS = ['EU', 'US', 'ANZ'];

    /** Antenna of an ordinary device (assumption) */
    public const GAIN_DBI = -1.0;

    public function __construct(
        public float $frequencyMHz,
        public float $txDbm,
        public float $sensitivityDbm,
        public float $gainDbi = self::GAIN_DBI,
    ) {}

    /**
     * The planning defaults of a protocol (802.15.4, ITU-T G.9959; transmit powers and sensitivities are assumptions).
     * Infrared and wired buses have no radio: null.
     */
    public static function of(string $protocol, string $region = 'EU'): ?self
    {
        return match ($protocol) {
            'zigbee', 'thread' => new self(2440, 8, -97),
            'bluetooth' => new self(2440, 4, -93),
            'wifi', 'matter' => new self(2437, 17, -82),
            'zwave' => match ($region) {
                'US' => new self(908.42, 0, -96),
                'ANZ' => new self(921.42, 0, -96),
                default => new self(868.42, 5, -96),
            },
            'rf' => new self(433.92, 10, -100, -8),
            default => null,
        };
    }

    /**
     * Z-Wave Long Range, straight to the controller (ITU-T G.9959; powers and sensitivities are assumptions).
     * Null where the region has no such band.
     */
    public static function longRange(string $region): ?self
    {
        return match ($region) {
            'EU' => new self(864.4, 14, -110),
            'US' => new self(912, 14, -110),
            default => null,
        };
    }

    /** Radios of different bands never hear each other: other regions, or Long Range and the classic mesh. */
    public function hears(self $other): bool
    {
        return $this->frequencyMHz === $other->frequencyMHz;
    }
}
