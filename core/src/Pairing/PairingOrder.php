<?php

declare(strict_types=1);

namespace Kavvel\Core\Pairing;

/** The two schools of pairing: where each device will live, or all beside the gateway first. */
enum PairingOrder: string
{
    case InPlace = 'in-place';
    case AtBench = 'at-bench';

    public function words(): string
    {
        return match ($this) {
            self::InPlace => 'in place, outward from the hub',
            self::AtBench => 'at the bench, then placed',
        };
    }

    public function why(): string
    {
        return match ($this) {
            self::InPlace => 'In place, routes and parents are true from the start.',
            self::AtBench => 'At the bench it goes quicker, but routes and parents are wrong until each device is placed: survey the '
                .'mesh again then.',
        };
    }
}
