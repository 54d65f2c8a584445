<?php

declare(strict_types=1);

namespace Kavvel\Core\Floorplan;

/** One change to a plan, as a person asks for it. */
interface Edit
{
    /** @throws PlanRefused where it can't be; the plan is then as it was */
    public function apply(Plan $plan): Plan;

    /** What was done, for the logbook and for taking it back: "moved the kitchen". */
    public function words(Plan $before): string;
}
