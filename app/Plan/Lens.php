<?php

declare(strict_types=1);

namespace App\Plan;

use Kavvel\Core\Protocol\Protocol;

/** What a station lays over the plan. */
final readonly class Lens
{
    /**
     * @param  list<LensLink>  $links
     * @param  bool  $showPoints  mark the points of the building
     * @param  array<string, string>  $labels  slot key => text under its plate, instead of its place
     * @param  list<Protocol>|null  $only  protocols whose slots are drawn; null: all
     */
    public function __construct(
        public array $links = [],
        public bool $showPoints = false,
        public array $labels = [],
        public ?array $only = null,
    ) {}
}
