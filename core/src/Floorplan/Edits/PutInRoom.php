<?php

declare(strict_types=1);

namespace Kavvel\Core\Floorplan\Edits;

use Kavvel\Core\Floorplan\Edit;
use Kavvel\Core\Floorplan\Plan;
use Kavvel\Core\Floorplan\Shape;

/** A point or a device goes into another room, on whatever storey: into the middle of it. One that is there stays where it is. */
final readonly class PutInRoom implements Edit
{
    public function __construct(private string $section, private string $key, private string $room) {}

    public function apply(Plan $plan): Plan
    {
        $thing = $plan->thing($this->section, $this->key);
        $room = $plan->room($this->room);

        return $thing->home === $room->key ? $plan : $plan->withThing($thing->at(Shape::inside($room->outline), $room->key));
    }

    public function words(Plan $before): string
    {
        return "put the {$before->thing($this->section, $this->key)->name} into the ".mb_strtolower($before->room($this->room)->name);
    }
}
