<?php

declare(strict_types=1);

namespace Kavvel\Core\Site;

/** A straight wall with its openings. A ray meets the segments that the openings cut it into. */
final readonly class Wall
{
    /**
     * @param  array{float, float}  $from
     * @param  array{float, float}  $to
     * @param  list<Layer>  $layers
     * @param  list<Opening>  $openings
     */
    public function __construct(
        public array $from,
        public array $to,
        public float $bottom,
        public float $top,
        public array $layers,
        public array $openings = [],
        public string $label = '',
    ) {}

    public function thickness(): float
    {
        return array_sum(array_map(static fn (Layer $layer): float => $layer->thickness, $this->layers));
    }

    public function length(): float
    {
        return hypot($this->to[0] - $this->from[0], $this->to[1] - $this->from[1]);
    }

    /** @return array{float, float} the plan point this many metres along the wall */
    public function pointAt(float $offset): array
    {
        $share = $offset / $this->length();

        return [
            $this->from[0] + ($this->to[0] - $this->from[0]) * $share,
            $this->from[1] + ($this->to[1] - $this->from[1]) * $share,
        ];
    }

    /** @return list<WallSegment> */
    public function segments(): array
    {
        $openings = $this->openings;
        usort($openings, static fn (Opening $a, Opening $b): int => $a->offset <=> $b->offset);
        $segments = [];
        $done = 0.0;
        foreach ($openings as $opening) {
            $end = $opening->offset + $opening->width;
            $segments[] = $this->part($done, $opening->offset, $this->bottom, $this->top, $this->layers);
            $segments[] = $this->part($opening->offset, $end, $this->bottom, $this->bottom + $opening->sill, $this->layers);
            $segments[] = $this->part(
                $opening->offset,
                $end,
                $this->bottom + $opening->sill,
                $this->bottom + $opening->head,
                $opening->layers,
                $opening->kind,
            );
            $segments[] = $this->part($opening->offset, $end, $this->bottom + $opening->head, $this->top, $this->layers);
            $done = $end;
        }
        $segments[] = $this->part($done, $this->length(), $this->bottom, $this->top, $this->layers);

        return array_values(array_filter(
            $segments,
            static fn (WallSegment $part): bool => $part->length() > 1e-6 && $part->top - $part->bottom > 1e-6,
        ));
    }

    /** @param list<Layer> $layers */
    private function part(float $start, float $end, float $bottom, float $top, array $layers, ?string $kind = null): WallSegment
    {
        return new WallSegment(
            $this->pointAt($start),
            $this->pointAt($end),
            $bottom,
            $top,
            $layers,
            $kind === null ? $this->label : trim("{$kind} in {$this->label}"),
            $kind,
        );
    }
}
