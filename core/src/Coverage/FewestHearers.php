<?php

declare(strict_types=1);

namespace Kavvel\Core\Coverage;

use Kavvel\Core\Radio\Margin;

/** The fewest places for Bluetooth relays: each hears its devices straight and hands on what it hears. */
final readonly class FewestHearers
{
    /**
     * @param  non-empty-list<RadioEnd>  $hearers  that are there: the hub, and relays that are planned already
     * @param  list<RadioEnd>  $devices
     * @param  list<RadioEnd>  $candidates
     */
    public static function of(RadioPlan $plan, array $hearers, array $devices, array $candidates, float $acceptanceDb): RelayPlan
    {
        $already = array_map(
            static fn (RadioEnd $hearer): array => self::heard($plan, $hearer, $devices, $acceptanceDb),
            $hearers,
        );
        $heard = [];
        foreach ($candidates as $candidate) {
            $heard[$candidate->key] = self::heard($plan, $candidate, $devices, $acceptanceDb);
        }

        return FewestPlaces::of(
            $heard,
            array_map(static fn (RadioEnd $device): string => $device->key, $devices),
            array_values(array_unique(array_merge(...$already))),
        );
    }

    /**
     * @param  list<RadioEnd>  $devices
     * @return list<string> keys of those that are accepted straight from here
     */
    public static function heard(RadioPlan $plan, RadioEnd $from, array $devices, float $acceptanceDb): array
    {
        $heard = array_filter(
            $devices,
            static fn (RadioEnd $device): bool => Margin::of($plan->forecast($device, $from)->marginDb, $acceptanceDb)->isAccepted(),
        );

        return array_values(array_map(static fn (RadioEnd $device): string => $device->key, $heard));
    }
}
