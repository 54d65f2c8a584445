<?php

declare(strict_types=1);

namespace Kavvel\Core\Protocol;

/** What a protocol's ordinary device is planned with: MHz, dBm, dBm, dBi (powers and sensitivities are assumptions). */
final readonly class RadioDefaults
{
    /** Antenna of an ordinary device (assumption) */
    public const GAIN_DBI = -1.0;

    public function __construct(
        public float $frequencyMHz,
        public float $txDbm,
        public float $sensitivityDbm,
        public float $gainDbi = self::GAIN_DBI,
    ) {}
}
