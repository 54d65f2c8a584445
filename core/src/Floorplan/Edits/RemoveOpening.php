<?php

declare(strict_types=1);

namespace Kavvel\Core\Floorplan\Edits;

use Kavvel\Core\Floorplan\Edit;
use Kavvel\Core\Floorplan\Plan;
use Kavvel\Core\Floorplan\PlanRefused;

/** An opening is closed. */
final readonly class RemoveOpening implements Edit
{
    public function __construct(private string $wall, private int $number) {}

    public function apply(Plan $plan): Plan
    {
        $wall = $plan->wall($this->wall);
        $openings = $wall->openings;
        if (! isset($openings[$this->number])) {
            throw PlanRefused::gone('That opening');
        }
        unset($openings[$this->number]);

        return $plan->withWall($wall->withOpenings(array_values($openings)));
    }

    public function words(Plan $before): string
    {
        $wall = $before->wall($this->wall);
        $kind = isset($wall->openings[$this->number]) ? $wall->openings[$this->number]->kind : 'opening';

        return "took the {$kind} out of the {$wall->label}";
    }
}
