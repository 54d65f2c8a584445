<?php

declare(strict_types=1);

namespace Kavvel\Core\Site;

/** A horizontal slab between two storeys: its height, outline and layers, in metres. */
final readonly class Floor
{
    /**
     * @param  list<array{float, float}>  $outline
     * @param  list<Layer>  $layers
     */
    public function __construct(public float $height, public array $outline, public array $layers, public string $label = '') {}
}
