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

    public function thickness(): float
    {
        return array_sum(array_map(static fn (Layer $layer): float => $layer->thickness, $this->layers));
    }

    /**
     * The nearest place on its middle line, and how far off it (to the left of from → to is positive), in metres.
     *
     * @return array{x: float, y: float, off: float, normal: array{float, float}}|null null beside its ends, over it or under it
     */
    public function footOf(Vec3 $place): ?array
    {
        $length = $this->length();
        $ux = ($this->to[0] - $this->from[0]) / $length;
        $uy = ($this->to[1] - $this->from[1]) / $length;
        $dx = $place->x - $this->from[0];
        $dy = $place->y - $this->from[1];
        $along = $dx * $ux + $dy * $uy;
        if ($along < 0 || $along > $length || $place->z < $this->bottom || $place->z > $this->top) {
            return null;
        }

        return [
            'x' => $this->from[0] + $along * $ux,
            'y' => $this->from[1] + $along * $uy,
            'off' => $dy * $ux - $dx * $uy,
            'normal' => [-$uy, $ux],
        ];
    }
}
