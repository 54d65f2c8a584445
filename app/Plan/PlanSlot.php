<?php

declare(strict_types=1);

namespace App\Plan;

use Kavvel\Core\Protocol\Protocol;
use Kavvel\Core\Proving\Standing;

/** A slot as the plan draws it, in metres. */
final readonly class PlanSlot
{
    /** @param string $short what stands under its plate where the title finds no room */
    public function __construct(
        public string $key,
        public Protocol $protocol,
        public string $title,
        public string $short,
        public Standing $standing,
        public string $storey,
        public float $x,
        public float $y,
    ) {}
}
