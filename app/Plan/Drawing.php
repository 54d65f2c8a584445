<?php

declare(strict_types=1);

namespace App\Plan;

use App\Plan\Layout\Box;

/**
 * One storey laid out, ready to be drawn: every shape and text with its place, in metres.
 *
 * @phpstan-type Text array{text: string, x: float, y: float, size: float}
 * @phpstan-type Plate array{
 *     key: string, tag: string, title: string, short: string|null, state: string, words: string, box: Box, keys: list<string>,
 *     parts: list<string>, heard: bool,
 * }
 * @phpstan-type Line array{ax: float, ay: float, bx: float, by: float, kind: string, width: float}
 * @phpstan-type PlanPoint array{x: float, y: float, disturber: string|null}
 * @phpstan-type Capsule array{text: string, kind: string, box: Box, size: float}
 */
final readonly class Drawing
{
    /**
     * @param  string  $name  of the storey
     * @param  array<string, string>  $floors  SVG point lists, by key of the room
     * @param  list<string>  $walls  SVG point lists
     * @param  list<array{points: string, panes: list<array{float, float, float, float}>}>  $openings
     * @param  list<array{float, float, float, float}>  $treads
     * @param  list<Text>  $rooms
     * @param  list<Plate>  $plates
     * @param  list<Text>  $labels
     * @param  list<Line>  $lines
     * @param  list<Capsule>  $capsules
     * @param  list<PlanPoint>  $points
     * @param  list<Box>  $hubs
     * @param  array{float, float}|null  $touched
     * @param  list<array{float, float, float, float, string}>  $rays
     * @param  bool  $isArranged  plates are dragged to where their devices are
     */
    public function __construct(
        public string $storey,
        public string $name,
        public Box $frame,
        public array $floors,
        public array $walls,
        public array $openings,
        public array $treads,
        public array $rooms,
        public array $plates,
        public array $labels,
        public array $lines,
        public array $capsules,
        public array $points,
        public array $hubs,
        public ?Box $current,
        public ?Shade $shade = null,
        public ?Trial $trial = null,
        public ?array $touched = null,
        public array $rays = [],
        public bool $isArranged = false,
    ) {}

    public function viewBox(): string
    {
        return sprintf('%.2f %.2f %.2f %.2f', $this->frame->x, $this->frame->y, $this->frame->width, $this->frame->height);
    }
}
