<?php

declare(strict_types=1);

namespace Kavvel\Core\Floorplan\Edits;

use Kavvel\Core\Floorplan\Edit;
use Kavvel\Core\Floorplan\Plan;
use Kavvel\Core\Floorplan\PlanRefused;
use Kavvel\Core\Floorplan\Thing;

/** A storey without rooms goes off the plan. */
final readonly class RemoveStorey implements Edit
{
    public function __construct(private string $storey) {}

    public function apply(Plan $plan): Plan
    {
        $storey = $plan->storey($this->storey);
        if (count($plan->storeys) === 1) {
            throw PlanRefused::lastStorey();
        }
        $hubs = array_filter($plan->things, static fn (Thing $thing): bool => ! $thing->isInRoom() && $thing->home === $storey->key);
        if ($plan->roomsOn($storey->key) !== [] || $hubs !== []) {
            throw PlanRefused::storeyIsInUse($storey);
        }

        return $plan->with(
            storeys: array_diff_key($plan->storeys, [$storey->key => true]),
            walls: array_diff_key($plan->walls, $plan->wallsOn($storey->key)),
        );
    }

    public function words(Plan $before): string
    {
        return "took the storey “{$before->storey($this->storey)->name}” off the plan";
    }
}
