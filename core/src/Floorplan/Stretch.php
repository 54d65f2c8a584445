<?php

declare(strict_types=1);

namespace Kavvel\Core\Floorplan;

/** A part of a line that has the same room, or none, on either side all along: where one wall belongs. */
final readonly class Stretch
{
    /**
     * @param  Side|null  $minus  on the side that the line's normal leaves
     * @param  Side|null  $plus  on the side that it points to
     */
    public function __construct(public Line $line, public float $from, public float $to, public ?Side $minus, public ?Side $plus) {}

    public function length(): float
    {
        return $this->to - $this->from;
    }

    public function isInner(): bool
    {
        return $this->minus !== null && $this->plus !== null;
    }

    /** 1 or −1: on which side of the line the open lies; 0 between two rooms. */
    public function outward(): int
    {
        return match (true) {
            $this->isInner() => 0,
            $this->plus === null => 1,
            default => -1,
        };
    }

    /** @return list<Side> */
    public function sides(): array
    {
        return array_values(array_filter([$this->minus, $this->plus]));
    }

    /** @return list<string> keys of the rooms beside it */
    public function rooms(): array
    {
        return array_map(static fn (Side $side): string => $side->room, $this->sides());
    }

    /** Whether it lies on an edge of a room. */
    public function lies(Side $edge): bool
    {
        return $this->minus?->name() === $edge->name() || $this->plus?->name() === $edge->name();
    }

    public function overlap(float $from, float $to): float
    {
        return min($this->to, $to) - max($this->from, $from);
    }

    /** The same for two stretches that are alike in place and in the rooms beside them. */
    public function signature(): string
    {
        return sprintf(
            '%.3f %.3f %.3f %.3f %.3f %s|%s',
            $this->line->ux + 0.0,
            $this->line->uy + 0.0,
            $this->line->off + 0.0,
            $this->from + 0.0,
            $this->to + 0.0,
            $this->minus->room ?? '',
            $this->plus->room ?? '',
        );
    }
}
