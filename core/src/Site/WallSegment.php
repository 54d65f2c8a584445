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
     * @param  string|null  $opening  the kind of opening that this part is
     */
    public function __construct(
        public array $from,
        public array $to,
        public float $bottom,
        public float $top,
        public array $layers,
        public string $label = '',
        public ?string $opening = null,
    ) {}

    /** A way for the signal round a heavy wall: a door or a plain gap. */
    public function isPassage(): bool
    {
        return $this->opening !== null && (str_contains($this->opening, 'door') || $this->opening === 'gap');
    }

    public function length(): float
    {
        return hypot($this->to[0] - $this->from[0], $this->to[1] - $this->from[1]);
    }
}
