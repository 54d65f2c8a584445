<?php

declare(strict_types=1);

namespace App\Plan;

/**
 * A storey shaded by how well a radio is heard there: a texture for each word, and what a finger reads off.
 *
 * @phpstan-type Grid array{x: float, y: float, step: float, columns: int, margins: list<int>}
 */
final readonly class Shade
{
    /**
     * @param  array<string, list<string>>  $areas  SVG point lists by word of the margin; what is firm is left white
     * @param  string  $contours  an SVG path where a device begins to be accepted
     * @param  Grid  $grid  whole dB at the middles of the cells, row by row
     * @param  array<string, float|null>  $words  the least margin of each word, the best first; null: there is none
     */
    public function __construct(public array $areas, public string $contours, public array $grid, public array $words) {}
}
