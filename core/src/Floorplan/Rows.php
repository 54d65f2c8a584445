<?php

declare(strict_types=1);

namespace Kavvel\Core\Floorplan;

use Kavvel\Core\Site\Layer;

/** Layers as the job file writes them. */
final readonly class Rows
{
    /**
     * @param  array<array-key, mixed>  $rows
     * @return list<Layer>
     */
    public static function layers(array $rows): array
    {
        return array_values(array_map(
            static fn (array $row): Layer => new Layer($row['material'], (float) $row['thickness']),
            $rows,
        ));
    }

    /**
     * @param  list<Layer>  $one
     * @param  list<Layer>  $other
     */
    public static function areSame(array $one, array $other): bool
    {
        return self::ofLayers($one) === self::ofLayers($other);
    }

    /**
     * @param  list<Layer>  $layers
     * @return list<array{material: string, thickness: float}>
     */
    public static function ofLayers(array $layers): array
    {
        return array_map(
            static fn (Layer $layer): array => ['material' => $layer->material, 'thickness' => $layer->thickness],
            $layers,
        );
    }
}
