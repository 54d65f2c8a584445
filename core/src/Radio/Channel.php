<?php

declare(strict_types=1);

namespace Kavvel\Core\Radio;

/** Centre frequencies of numbered channels. */
final readonly class Channel
{
    /** @return float|null MHz; null when the protocol has no such channel, or no numbered channels */
    public static function centreMHz(string $protocol, int $number): ?float
    {
        return match ($protocol) {
            'zigbee', 'thread' => $number >= 11 && $number <= 26 ? 2405.0 + 5 * ($number - 11) : null, // IEEE 802.15.4
            'wifi' => match (true) { // IEEE 802.11, 2.4 GHz
                $number === 14 => 2484.0,
                $number >= 1 && $number <= 13 => 2412.0 + 5 * ($number - 1),
                default => null,
            },
            default => null,
        };
    }
}
