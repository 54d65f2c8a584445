<?php

declare(strict_types=1);

namespace Kavvel\Core\Floorplan;

use Kavvel\Core\Site\Layer;

/**
 * What a piece of an old wall leaves to the wall that comes to stand where it ends up: its construction, and, where it is
 * the piece itself and no copy, its name and its openings.
 */
final readonly class Heirloom
{
    /**
     * @param  list<Layer>  $layers
     * @param  string|null  $key  of the wall; null for a copy
     * @param  float|null  $outside  how far the wall's middle lay outside the rooms' edge; null where it stood between two rooms
     * @param  list<array{float, \Kavvel\Core\Site\Opening}>  $openings  where each begins along the line
     * @param  string|null  $label  a name that a person gave it
     */
    public function __construct(
        public Line $line,
        public float $from,
        public float $to,
        public array $layers,
        public ?string $key,
        public ?float $outside,
        public array $openings,
        public ?string $label,
    ) {}

    public function overlap(Stretch $stretch): float
    {
        return $this->line->isSameAs($stretch->line) ? $stretch->overlap($this->from, $this->to) : 0.0;
    }
}
