<?php

declare(strict_types=1);

namespace Kavvel\Core\Floorplan\Edits;

use Kavvel\Core\Floorplan\Edit;
use Kavvel\Core\Floorplan\Plan;
use Kavvel\Core\Floorplan\PlanRefused;
use Kavvel\Core\Floorplan\PlanWall;
use Kavvel\Core\Floorplan\Reshape;
use Kavvel\Core\Floorplan\Rows;
use Kavvel\Core\Floorplan\Storey;
use Kavvel\Core\Floorplan\Thickening;
use Kavvel\Core\Site\Layer;

/**
 * A storey's name, height, floor, and what its walls are usually made of: those that are still as they were added follow.
 * What lies above goes up or down with its height.
 */
final readonly class ChangeStorey implements Edit
{
    /** A parapet stays one, however low its storey becomes, in metres */
    private const LOWEST_WALL_M = 0.1;

    /**
     * @param  list<Layer>  $floor
     * @param  list<Layer>  $outer
     * @param  list<Layer>  $inner
     */
    public function __construct(
        private string $storey,
        private string $name,
        private float $height,
        private array $floor,
        private array $outer,
        private array $inner,
    ) {}

    public function apply(Plan $plan): Plan
    {
        $old = $plan->storey($this->storey);
        Storey::checkHeight($this->height);
        $new = $old->with([
            'name' => $this->name, 'height' => $this->height, 'floorLayers' => Rows::ofLayers($this->floor),
            'outerLayers' => Rows::ofLayers($this->outer), 'innerLayers' => Rows::ofLayers($this->inner),
        ]);
        $plan = $this->walls($plan->withStorey($new), $old, $new);

        return $this->above($plan, $old, $this->height - $old->height);
    }

    public function words(Plan $before): string
    {
        return "changed the storey “{$before->storey($this->storey)->name}”";
    }

    private function walls(Plan $plan, Storey $old, Storey $new): Plan
    {
        $thickening = Thickening::of($plan, $old->key);
        foreach ($plan->wallsOn($old->key) as $wall) {
            $layers = match (true) {
                Rows::areSame($wall->layers, $old->outerLayers) => $new->outerLayers,
                Rows::areSame($wall->layers, $old->innerLayers) => $new->innerLayers,
                default => $wall->layers,
            };
            $height = max(self::LOWEST_WALL_M, $wall->height + $new->height - $old->height);
            foreach ($wall->openings as $opening) {
                if ($opening->head > $height && $opening->head <= $wall->height) {
                    throw PlanRefused::openingTooHigh($opening, $height);
                }
            }
            $changed = PlanWall::of([...$wall->withLayers($layers)->row(), 'height' => $height]);
            $plan = $plan->withWall($thickening->laid($wall, $changed));
        }

        return Reshape::refit(
            $plan,
            $new,
            array_map(static fn (PlanWall $wall): string => $wall->key, array_values($plan->wallsOn($new->key))),
        );
    }

    private function above(Plan $plan, Storey $below, float $by): Plan
    {
        if (abs($by) < 1e-9) {
            return $plan;
        }
        foreach ($plan->storeys as $storey) {
            if ($storey->elevation <= $below->elevation + 1e-9) {
                continue;
            }
            $plan = $plan->withStorey($storey->with(['elevation' => round($storey->elevation + $by, 3)]));
            foreach ($plan->things as $thing) {
                $home = $thing->isInRoom() ? $plan->room($thing->home)->storey : $thing->home;
                if ($home === $storey->key) {
                    $plan = $plan->withThing($thing->liftedBy($by));
                }
            }
        }

        return $plan;
    }
}
