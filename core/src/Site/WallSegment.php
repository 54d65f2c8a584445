<?php

declare(strict_types=1);

namespace Kavvel\Core\Site;

/**
 * An upright rectangle of one construction: a wall, or the part of one beside, over or in an opening.
 * Plan coordinates and heights in metres.
 */
final readonly class WallSegment
{
    /**
     * @param  array{float, float}  $from
     * @param  array{float, float}  $to
     * @param  list<Layer>  $layers
     * @param  string  $label  what a person calls it ("granite wall of the kitchen")
     */
    public function __construct(
        public array $from,
        public array $to,
        public float $bottom,
        public float $top,
        public array $layers,
        public string $label = '',
    ) {}

    public function length(): float
    {
        return hypot($this->to[0] - $this->from[0], $this->to[1] - $this->from[1]);
    }
}
