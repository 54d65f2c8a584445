<?php

declare(strict_types=1);

namespace Kavvel\Core\Floorplan;

/** Walls of a storey that become thicker or thinner: an outer wall grows outwards, so that the room keeps its size. */
final readonly class Thickening
{
    private function __construct(private Footing $footing) {}

    public static function of(Plan $plan, string $storey): self
    {
        return new self(Footing::of(Stretches::of($plan->roomsOn($storey)), $plan->wallsOn($storey)));
    }

    /** Where the wall lies with its new layers. */
    public function laid(PlanWall $before, PlanWall $changed): PlanWall
    {
        $under = $this->footing->under($before)[0] ?? null;
        if ($under === null || $under->isInner()) {
            return $changed;
        }
        $by = ($changed->thickness() - $before->thickness()) / 2;

        return $changed->movedBy(...$under->line->across($by * $under->outward()));
    }
}
