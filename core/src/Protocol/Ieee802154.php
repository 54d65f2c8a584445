<?php

declare(strict_types=1);

namespace Kavvel\Core\Protocol;

/** The radio that Zigbee and Thread share (IEEE 802.15.4, O-QPSK at 2.4 GHz). */
trait Ieee802154
{
    public function radio(Region $region): RadioDefaults
    {
        return new RadioDefaults(2440, 8, -97);
    }

    public function channelMHz(int $number): ?float
    {
        return $number >= 11 && $number <= 26 ? 2405.0 + 5 * ($number - 11) : null;
    }

    public function channelWords(): string
    {
        return '11 to 26';
    }

    public function isDrownedAt2400MHz(): bool
    {
        return true;
    }
}
