<?php

declare(strict_types=1);

namespace Kavvel\Core\Coverage;

use Kavvel\Core\Radio\Margin;

/** The fewest places for Bluetooth relays: each hears its devices straight and hands on what it hears. */
final readonly class FewestHearers
{
    /**
     * @param  list<RadioEnd>  $devices
     * @param  list<RadioEnd>  $candidates
     */
    public static function of(RadioPlan $plan, RadioEnd $hub, array $devices, array $candidates, float $acceptanceDb): RelayPlan
    {
        $heard = [];
        foreach ($candidates as $candidate) {
            $heard[$candidate->key] = self::heard($plan, $candidate, $devices, $acceptanceDb);
        }

        return FewestPlaces::of(
            $heard,
            array_map(static fn (RadioEnd $device): string => $device->key, $devices),
            self::heard($plan, $hub, $devices, $acceptanceDb),
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
