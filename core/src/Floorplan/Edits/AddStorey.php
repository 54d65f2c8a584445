<?php

declare(strict_types=1);

namespace Kavvel\Core\Floorplan\Edits;

use Kavvel\Core\Floorplan\Edit;
use Kavvel\Core\Floorplan\FloorKind;
use Kavvel\Core\Floorplan\FreeKey;
use Kavvel\Core\Floorplan\Plan;
use Kavvel\Core\Floorplan\Storey;

/** A storey above or below all others, or one of its own beside the house. */
final readonly class AddStorey implements Edit
{
    /** From a ceiling to the floor over it, in metres (assumption) */
    public const SLAB_M = 0.3;

    public const PLACES = ['above', 'below', 'apart'];

    /** @param string $place one of PLACES */
    public function __construct(private string $name, private string $place, private float $height, private FloorKind $floor) {}

    public function apply(Plan $plan): Plan
    {
        Storey::checkHeight($this->height);
        $levels = array_map(static fn (Storey $one): int => $one->level, $plan->storeys);
        $highest = array_reduce(
            $plan->storeys,
            static fn (?Storey $top, Storey $one): Storey => $top !== null && $top->elevation >= $one->elevation ? $top : $one,
        );
        $lowest = array_reduce(
            $plan->storeys,
            static fn (?Storey $low, Storey $one): Storey => $low !== null && $low->elevation <= $one->elevation ? $low : $one,
        );
        $like = $this->place === 'below' ? $lowest : $highest;
        $elevation = match (true) {
            $highest === null || $lowest === null || $this->place === 'apart' => 0.0,
            $this->place === 'above' => $highest->elevation + $highest->height + self::SLAB_M,
            default => $lowest->elevation - $this->height - self::SLAB_M,
        };

        return $plan->withStorey(Storey::of([
            'key' => FreeKey::named($this->name, 'storey', $plan->storeys),
            'name' => $this->name,
            'level' => match (true) {
                $levels === [] => 0,
                $this->place === 'above' => max($levels) + 1,
                default => min($levels) - 1,
            },
            'elevation' => round($elevation, 3),
            'height' => $this->height,
            'outline' => $like === null ? [[0.0, 0.0], [10.0, 0.0], [10.0, 8.0], [0.0, 8.0]] : $like->outline,
            'floorLayers' => array_map(
                static fn ($layer): array => ['material' => $layer->material, 'thickness' => $layer->thickness],
                $this->floor->layers(),
            ),
            ...($like === null ? [] : array_intersect_key($like->row(), ['outerLayers' => 1, 'innerLayers' => 1])),
        ]));
    }

    public function key(Plan $before): string
    {
        return FreeKey::named($this->name, 'storey', $before->storeys);
    }

    public function words(Plan $before): string
    {
        return "added the storey “{$this->name}”";
    }
}
