<?php

declare(strict_types=1);

namespace Kavvel\Core\Site;

/** A door, window or plain gap in a wall: where it starts along the wall, its width, sill and head, in metres. */
final readonly class Opening
{
    /** @param list<Layer> $layers empty for a gap */
    public function __construct(
        public string $kind,
        public float $offset,
        public float $width,
        public float $sill,
        public float $head,
        public array $layers,
    ) {}
}
