<?php

declare(strict_types=1);

namespace App\Plan;

/** All that there is to draw of a job. */
final readonly class PlanSheet
{
    /**
     * @param  array<string, PlanSlot>  $slots  by key, in the order of the plan
     * @param  list<PlanHub>  $hubs
     */
    public function __construct(public Geometry $geometry, public array $slots, public array $hubs) {}

    /** The storey of a slot, or of a hub by its link key; empty where there is no such thing. */
    public function storeyOf(string $key): string
    {
        foreach ($this->hubs as $hub) {
            if ($hub->linkKey() === $key) {
                return $hub->storey;
            }
        }

        return $this->slots[$key]->storey ?? '';
    }
}
