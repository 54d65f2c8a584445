<?php

declare(strict_types=1);

namespace Kavvel\Core\Radio;

use Kavvel\Core\Site\Layer;

/** What layers cost that a radio passes one after the other, in dB. */
final readonly class LayerLoss
{
    /** @param bool $extrapolated whether a material is known at other frequencies only */
    private function __construct(public float $lossDb, public bool $extrapolated) {}

    /**
     * @param  list<Layer>  $layers
     * @param  float  $cosine  of the angle between the way and the normal
     * @param  string  $at  where the layers stand in what was read
     */
    public static function of(array $layers, float $frequencyMHz, float $cosine = 1.0, string $at = 'layers'): self
    {
        $loss = 0.0;
        $extrapolated = false;
        foreach ($layers as $number => $layer) {
            $material = Material::named($layer->material, $frequencyMHz, "{$at}[{$number}].material");
            $loss += $material->lossDb($layer->thickness, $cosine);
            $extrapolated = $extrapolated || $material->extrapolated;
        }

        return new self($loss, $extrapolated);
    }
}
