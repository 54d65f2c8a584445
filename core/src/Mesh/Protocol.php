<?php

declare(strict_types=1);

namespace Kavvel\Core\Mesh;

/** The three mesh protocols and how each one prices a link. */
enum Protocol: string
{
    case Zigbee = 'zigbee';
    case Thread = 'thread';
    case ZWave = 'zwave';

    /** Below this a link does not exist (assumption) */
    public const EXISTS_DB = 2.0;

    /** A Zigbee path deeper than this is worth a note (assumption) */
    public const NOTE_ZIGBEE_HOPS = 5;

    /** Cost of one link by its worse direction, or null where the protocol would not use it. */
    public function linkCost(float $marginDb): ?int
    {
        if ($marginDb < self::EXISTS_DB) {
            return null;
        }

        return match ($this) {
            self::Zigbee => self::zigbeeCost($marginDb),
            self::Thread => self::threadCost($marginDb),
            self::ZWave => 1,
        };
    }

    /**
     * The most a whole path may cost: Z-Wave 4 repeaters, so 5 hops (ITU-T G.9959 routing);
     * Thread 15, since 16 is infinite (Thread specification, route cost). Zigbee has no limit that planning meets.
     */
    public function pathCostLimit(): ?int
    {
        return match ($this) {
            self::Zigbee => null,
            self::Thread => 15,
            self::ZWave => 5,
        };
    }

    /** min(7, round(1/p⁴)) (Zigbee specification, link cost); p from the margin is an assumption. */
    private static function zigbeeCost(float $marginDb): int
    {
        $chance = 1 / (1 + exp(-($marginDb - 8) / 2));

        return (int) min(7, round(1 / $chance ** 4));
    }

    /** Link quality 3, 2, 1 costs 1, 2, 4 (Thread specification). */
    private static function threadCost(float $marginDb): ?int
    {
        return match (true) {
            $marginDb > 20 => 1,
            $marginDb > 10 => 2,
            $marginDb > 2 => 4,
            default => null,
        };
    }
}
