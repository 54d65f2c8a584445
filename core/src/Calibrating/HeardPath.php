<?php

declare(strict_types=1);

namespace Kavvel\Core\Calibrating;

/** A link that was measured: how long it is, and what it lost beyond free space, walls and mounting, in dB. */
final readonly class HeardPath
{
    public function __construct(public string $id, public float $distanceM, public float $lossDb) {}

    /** @param float $modelDbm what the plan lets the receiver hear, without any clutter */
    public static function of(string $id, float $distanceM, float $modelDbm, float $measuredDbm): self
    {
        return new self($id, $distanceM, $modelDbm - $measuredDbm);
    }
}
