<?php

declare(strict_types=1);

namespace Kavvel\Core\Floorplan;

/** The room on one side of a stretch, and which of its edges the stretch lies on. */
final readonly class Side
{
    public function __construct(public string $room, public int $edge) {}

    public function name(): string
    {
        return "{$this->room} {$this->edge}";
    }
}
