<?php

declare(strict_types=1);

namespace Kavvel\Core\Floorplan\Edits;

use Kavvel\Core\Floorplan\Edit;
use Kavvel\Core\Floorplan\Footing;
use Kavvel\Core\Floorplan\Plan;
use Kavvel\Core\Floorplan\PlanWall;
use Kavvel\Core\Floorplan\Reshape;
use Kavvel\Core\Floorplan\Stretches;
use Kavvel\Core\Site\Layer;

/** What a wall is made of and called. An outer wall that grows thicker grows outwards: the room keeps its size. */
final readonly class ChangeWall implements Edit
{
    /** @param list<Layer> $layers */
    public function __construct(private string $wall, private array $layers, private ?string $label = null) {}

    public function apply(Plan $plan): Plan
    {
        $wall = $plan->wall($this->wall);
        $changed = $wall->withLayers($this->layers)->labelled($this->label ?? $wall->label);

        return Reshape::refit($plan->withWall(self::grown($plan, $wall, $changed)), $plan->storey($wall->storey), [$wall->key]);
    }

    public function words(Plan $before): string
    {
        return "said what the {$before->wall($this->wall)->label} is made of";
    }

    public static function grown(Plan $plan, PlanWall $wall, PlanWall $changed): PlanWall
    {
        $by = ($changed->thickness() - $wall->thickness()) / 2;
        $under = Footing::of(Stretches::of($plan->roomsOn($wall->storey)), $plan->wallsOn($wall->storey))->under($wall);
        if ($under === [] || $under[0]->isInner()) {
            return $changed;
        }

        return $changed->movedBy(...$under[0]->line->across($by * $under[0]->outward()));
    }
}
