<?php

declare(strict_types=1);

namespace Kavvel\Core\Radio;

use Kavvel\Core\Protocol\Protocol;

/** A Wi-Fi network as it is heard on site. A wide one of which nobody knows on which side it widens has two readings. */
final readonly class HeardWifi
{
    private const WIDE_MHZ = 40;

    /** The middle of a wide network lies so far from that of its own channel */
    private const ASIDE_MHZ = 10.0;

    /** @param non-empty-list<WifiNetwork> $readings */
    private function __construct(private array $readings) {}

    /**
     * @param  int  $channel  1 to 14
     * @param  string|null  $secondary  "above" or "below"; null: not known
     */
    public static function on(int $channel, int $widthMHz, ?string $secondary, float $rssiDbm, float $busy): self
    {
        $own = (float) Protocol::Wifi->rules()->channelMHz($channel);
        $aside = match (true) {
            $widthMHz !== self::WIDE_MHZ => [0.0],
            $secondary === 'above' => [self::ASIDE_MHZ],
            $secondary === 'below' => [-self::ASIDE_MHZ],
            default => [-self::ASIDE_MHZ, self::ASIDE_MHZ],
        };

        return new self(array_map(
            static fn (float $mhz): WifiNetwork => new WifiNetwork($own + $mhz, $widthMHz, $rssiDbm, $busy),
            $aside,
        ));
    }

    /**
     * The network where it is heard the loudest: a channel has to do in every room.
     *
     * @param  non-empty-list<self>  $heard  one network in several rooms
     */
    public static function loudest(array $heard): self
    {
        usort($heard, static fn (self $a, self $b): int => $b->readings[0]->rssiDbm <=> $a->readings[0]->rssiDbm);

        return $heard[0];
    }

    /** Whether a link at this level would be drowned by it. */
    public function drowns(float $rssiDbm, float $frequencyMHz): bool
    {
        return Contention::isContended($rssiDbm, $frequencyMHz, $this->readings);
    }

    /** What of it falls into a 2 MHz channel over time, in dBm; the worse where there are two readings. */
    public function interferenceDbm(float $frequencyMHz): float
    {
        return max(array_map(
            static fn (WifiNetwork $one): float => $one->inChannelDbm($frequencyMHz) + 10 * log10($one->busy),
            $this->readings,
        ));
    }
}
