<?php

declare(strict_types=1);

namespace Kavvel\Core\Floorplan\Edits;

use Kavvel\Core\Floorplan\Edit;
use Kavvel\Core\Floorplan\Plan;
use Kavvel\Core\Floorplan\PlanRefused;
use Kavvel\Core\Floorplan\Shape;
use Kavvel\Core\Floorplan\Thing;

/** A hub goes to another place, perhaps on another storey; it stands as high over the floor as before. */
final readonly class MoveHub implements Edit
{
    public function __construct(private string $hub, private string $storey, private float $x, private float $y) {}

    public function apply(Plan $plan): Plan
    {
        $hub = $plan->thing('hubs', $this->hub);
        $to = $plan->storey($this->storey);
        [$x, $y] = Shape::moved([0.0, 0.0], $this->x, $this->y);
        if ($plan->roomAt($to->key, $x, $y) === null) {
            throw PlanRefused::outsideEveryRoom();
        }
        $height = $hub->position[2] - $plan->storey($hub->home)->elevation;

        return $plan->withThing(new Thing(
            $hub->section,
            $hub->key,
            $hub->name,
            $to->key,
            [$x, $y, Shape::millimetres($to->elevation + $height)],
            $hub->facts,
        ));
    }

    public function words(Plan $before): string
    {
        return "moved {$before->thing('hubs', $this->hub)->name}";
    }
}
