<?php

declare(strict_types=1);

namespace Kavvel\Core\Floorplan\Edits;

use Kavvel\Core\Floorplan\Edit;
use Kavvel\Core\Floorplan\Plan;
use Kavvel\Core\Floorplan\Thing;

/** A point goes off the plan; what is planned at it stays where it is. */
final readonly class RemovePoint implements Edit
{
    public function __construct(private string $point) {}

    public function apply(Plan $plan): Plan
    {
        $point = $plan->thing('points', $this->point);

        return $plan->with(things: array_filter($plan->things, static fn (Thing $thing): bool => $thing !== $point));
    }

    public function words(Plan $before): string
    {
        return "took the {$before->thing('points', $this->point)->name} off the plan";
    }
}
