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
     * @param  list<string>|null  $keys  of the slots that are drawn; null: all
     * @param  Shade|null  $shade  how well a radio is heard, under all that is drawn
     * @param  Trial|null  $trial  where a hub is tried
     * @param  array{float, float}|null  $touched  a place that was asked about
     * @param  list<string>  $heard  keys of the slots whose devices have just spoken
     * @param  bool  $isArranged  plates are dragged to where their devices are
     * @param  list<array{float, float, float, float, string}>  $rays  lines of sight: both ends, and "free" or "door"
     */
    public function __construct(
        public array $links = [],
        public bool $showPoints = false,
        public array $labels = [],
        public ?array $only = null,
        public ?Shade $shade = null,
        public ?Trial $trial = null,
        public ?array $touched = null,
        public array $rays = [],
        public ?array $keys = null,
        public array $heard = [],
        public bool $isArranged = false,
    ) {}
}
