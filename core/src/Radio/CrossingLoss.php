<?php

declare(strict_types=1);

namespace Kavvel\Core\Radio;

use Kavvel\Core\Site\Crossing;

/** What one wall or floor on the way costs, in dB. */
final readonly class CrossingLoss
{
    private function __construct(public Crossing $crossing, public float $lossDb, public bool $extrapolated) {}

    public static function at(Crossing $crossing, float $frequencyMHz): self
    {
        $at = "\$.{$crossing->kind}s[{$crossing->index}].layers";
        $layers = LayerLoss::of($crossing->part->layers, $frequencyMHz, $crossing->cosine, $at);

        return new self($crossing, $layers->lossDb, $layers->extrapolated);
    }
}
