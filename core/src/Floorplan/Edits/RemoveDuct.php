<?php

declare(strict_types=1);

namespace Kavvel\Core\Floorplan\Edits;

use Kavvel\Core\Floorplan\Edit;
use Kavvel\Core\Floorplan\Plan;

/** A way for cables goes off the plan. */
final readonly class RemoveDuct implements Edit
{
    public function __construct(private string $duct) {}

    public function apply(Plan $plan): Plan
    {
        return $plan->with(ducts: array_diff_key($plan->ducts, [$plan->duct($this->duct)->key => true]));
    }

    public function words(Plan $before): string
    {
        return "took the duct “{$before->duct($this->duct)->name}” off the plan";
    }
}
