<?php

declare(strict_types=1);

namespace Kavvel\Standin\House;

use Kavvel\Core\Protocol\Protocol;

/** Who hears whom in the house as it stands. */
final readonly class Air
{
    /** Below this a device hears nobody */
    private const HEARS_DB = 2.0;

    public function __construct(private House $house) {}

    /**
     * What the neighbour tables of Zigbee hold: links among nodes that are in, where at least one relays.
     *
     * @param  array<string, DeviceState>  $devices
     * @return list<array{from: string, to: string, marginDb: float}>
     */
    public function links(array $devices): array
    {
        $ends = [$this->house->hub(Protocol::Zigbee)];
        foreach ($devices as $state) {
            $isOfIt = $state->isIn() && $state->device->profile->protocol === Protocol::Zigbee;
            $end = $isOfIt ? $state->end() : null;
            if ($end !== null) {
                $ends[] = $end;
            }
        }
        $links = [];
        foreach ($ends as $i => $a) {
            foreach (array_slice($ends, $i + 1) as $b) {
                if (! $a->asNode()->relays() && ! $b->asNode()->relays()) {
                    continue;
                }
                $margin = $this->house->marginDb($a, $b);
                if ($margin >= self::HEARS_DB) {
                    $links[] = ['from' => $a->key, 'to' => $b->key, 'marginDb' => round($margin, 1)];
                }
            }
        }

        return $links;
    }

    /**
     * Whether the gateway or a relay that is in is near enough to a device.
     *
     * @param  array<string, DeviceState>  $devices
     */
    public function reaches(DeviceState $state, array $devices): bool
    {
        $end = $state->end();
        if ($end === null) {
            return false;
        }
        $protocol = $state->device->profile->protocol;
        if ($this->house->marginDb($end, $this->house->hub($protocol)) >= self::HEARS_DB) {
            return true;
        }
        foreach ($devices as $other) {
            $relays = $other !== $state && $other->phase === 'joined' && $other->device->profile->isRouter
                && $other->device->profile->protocol === $protocol;
            $relay = $relays ? $other->end() : null;
            if ($relay !== null && $this->house->marginDb($end, $relay) >= self::HEARS_DB) {
                return true;
            }
        }

        return false;
    }
}
