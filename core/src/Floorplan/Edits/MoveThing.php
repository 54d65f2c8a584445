<?php

declare(strict_types=1);

namespace Kavvel\Core\Floorplan\Edits;

use Kavvel\Core\Floorplan\Edit;
use Kavvel\Core\Floorplan\Plan;
use Kavvel\Core\Floorplan\PlanRefused;
use Kavvel\Core\Floorplan\Shape;

/** A point, a device or a hub goes to another place of its storey: into the room that it lies in there. */
final readonly class MoveThing implements Edit
{
    public function __construct(private string $section, private string $key, private float $x, private float $y) {}

    public function apply(Plan $plan): Plan
    {
        $thing = $plan->thing($this->section, $this->key);
        $storey = $thing->isInRoom() ? $plan->room($thing->home)->storey : $thing->home;
        $place = Shape::moved([0.0, 0.0], $this->x, $this->y);
        $room = $plan->roomAt($storey, ...$place) ?? throw PlanRefused::outsideEveryRoom();

        return $plan->withThing($thing->at($place, $thing->isInRoom() ? $room->key : null));
    }

    public function words(Plan $before): string
    {
        return "moved the {$before->thing($this->section, $this->key)->name}";
    }
}
