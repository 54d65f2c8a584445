<?php

declare(strict_types=1);

namespace Kavvel\Core\Radio;

/** A Wi-Fi network heard at 2.4 GHz: its centre and width in MHz, how strong, and the share of time it is on air. */
final readonly class WifiNetwork
{
    /** Spectral mask of 802.11 OFDM: dB down at a distance from the centre in MHz, straight lines between (802.11) */
    private const MASK = [
        20 => [[9, 0], [11, -20], [20, -28], [30, -40]],
        40 => [[19, 0], [21, -20], [40, -28], [60, -40]],
    ];

    /** A 802.15.4 channel is this wide */
    private const CHANNEL_MHZ = 2;

    public function __construct(public float $centreMHz, public int $widthMHz, public float $rssiDbm, public float $busy) {}

    /** What of it falls into a 2 MHz channel while it is on air, in dBm. */
    public function inChannelDbm(float $frequencyMHz): float
    {
        return $this->rssiDbm + $this->maskDb(abs($frequencyMHz - $this->centreMHz)) - 10 * log10($this->widthMHz / self::CHANNEL_MHZ);
    }

    private function maskDb(float $apartMHz): float
    {
        $fromMHz = 0.0;
        $fromDb = 0.0;
        foreach (self::MASK[$this->widthMHz] as [$toMHz, $toDb]) {
            if ($apartMHz <= $toMHz) {
                return $fromDb + ($toDb - $fromDb) / ($toMHz - $fromMHz) * ($apartMHz - $fromMHz);
            }
            $fromMHz = (float) $toMHz;
            $fromDb = (float) $toDb;
        }

        return $fromDb;
    }
}
