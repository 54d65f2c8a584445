<?php

declare(strict_types=1);

namespace Kavvel\Core\Mending;

use Kavvel\Core\Circuits\Prices;

/** What it takes to mend a mesh: relays bought, plugged in and paired, the hub moved. In the currency of the job. */
final readonly class MendingCost
{
    /** It is unplugged, carried, plugged in, and its network given time to find its ways anew (assumption) */
    private const HUB_MINUTES = 45;

    private function __construct(public int $minutes, public float $cost) {}

    /** @param int $pairingMinutes of one relay, from its window to its proof */
    public static function of(int $relays, bool $movesHub, int $pairingMinutes, Prices $prices): self
    {
        $minutes = $relays * ((int) round($prices->get('plug_minutes')) + $pairingMinutes) + ($movesHub ? self::HUB_MINUTES : 0);

        return new self($minutes, round($relays * $prices->get('plug') + $minutes * $prices->get('labour_per_hour') / 60, 2));
    }
}
