<?php

declare(strict_types=1);

namespace Kavvel\Core\Radio;

use Kavvel\Core\Site\Crossing;
use Kavvel\Core\Site\Layer;

/** What one wall or floor on the way costs, in dB. */
final readonly class CrossingLoss
{
    private function __construct(public Crossing $crossing, public float $lossDb, public bool $extrapolated) {}

    public static function at(Crossing $crossing, float $frequencyMHz): self
    {
        $loss = 0.0;
        $extrapolated = false;
        foreach ($crossing->part->layers as $number => $layer) {
            $material = self::material($layer, $frequencyMHz, "\$.{$crossing->kind}s[{$crossing->index}].layers[{$number}].material");
            $loss += $material->lossDb($layer->thickness, $crossing->cosine);
            $extrapolated = $extrapolated || $material->extrapolated;
        }

        return new self($crossing, $loss, $extrapolated);
    }

    private static function material(Layer $layer, float $frequencyMHz, string $at): Material
    {
        return Material::named($layer->material, $frequencyMHz, $at);
    }
}
