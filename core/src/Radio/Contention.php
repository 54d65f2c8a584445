<?php

declare(strict_types=1);

namespace Kavvel\Core\Radio;

/** Interference is judged apart from the margin: a link that a busy Wi-Fi network drowns is contended (assumption). */
final readonly class Contention
{
    private const HEADROOM_DB = 3.0;

    private const BUSY = 0.3;

    /** @param list<WifiNetwork> $networks */
    public static function isContended(float $rssiDbm, float $frequencyMHz, array $networks): bool
    {
        foreach ($networks as $network) {
            if ($network->busy > self::BUSY && $rssiDbm < $network->inChannelDbm($frequencyMHz) + self::HEADROOM_DB) {
                return true;
            }
        }

        return false;
    }
}
