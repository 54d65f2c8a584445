<?php

declare(strict_types=1);

namespace Kavvel\Core\Bridging;

/** A box on a way, and the offer by which it is left. */
final readonly class Leg
{
    public function __construct(public Box $box, public Offer $offer) {}
}
