<?php

declare(strict_types=1);

namespace Kavvel\Core\Floorplan\Edits;

use Kavvel\Core\Floorplan\Edit;
use Kavvel\Core\Floorplan\Plan;
use Kavvel\Core\Floorplan\Reshape;
use Kavvel\Core\Floorplan\Thickening;
use Kavvel\Core\Site\Layer;

/** What a wall is made of and called. */
final readonly class ChangeWall implements Edit
{
    /** @param list<Layer> $layers */
    public function __construct(private string $wall, private array $layers, private ?string $label = null) {}

    public function apply(Plan $plan): Plan
    {
        $wall = $plan->wall($this->wall);
        $changed = $wall->withLayers($this->layers)->labelled($this->label ?? $wall->label);

        $laid = Thickening::of($plan, $wall->storey)->laid($wall, $changed);

        return Reshape::refit($plan->withWall($laid), $plan->storey($wall->storey), [$wall->key]);
    }

    public function words(Plan $before): string
    {
        return "said what the {$before->wall($this->wall)->label} is made of";
    }
}
