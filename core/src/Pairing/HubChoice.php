<?php

declare(strict_types=1);

namespace Kavvel\Core\Pairing;

use Kavvel\Core\Protocol\Protocol;

/** Which of a job's hubs a device goes to. */
final readonly class HubChoice
{
    /**
     * One that opens its windows over the link before one that only speaks its protocol; among equals the first.
     *
     * @param  list<HubOffer>  $hubs  in the order of the plan
     * @return string|null null when no hub speaks it
     */
    public static function for(Protocol $protocol, array $hubs): ?string
    {
        $speaks = array_values(array_filter($hubs, static fn (HubOffer $hub): bool => in_array($protocol, $hub->speaks, true)));
        $opens = array_values(array_filter($speaks, static fn (HubOffer $hub): bool => in_array($protocol, $hub->opens, true)));

        return ($opens[0] ?? $speaks[0] ?? null)?->id;
    }
}
