<?php

declare(strict_types=1);

namespace App\Plan;

/** A hub as the plan draws it, in metres. */
final readonly class PlanHub
{
    public function __construct(public string $key, public string $storey, public float $x, public float $y) {}

    /** What links to it are drawn to. */
    public function linkKey(): string
    {
        return LensLink::hub($this->key);
    }
}
