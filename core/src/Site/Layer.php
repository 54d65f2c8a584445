<?php

declare(strict_types=1);

namespace Kavvel\Core\Site;

/** One layer of a wall or floor: a material by the names of Radio\Material, and its thickness in metres. */
final readonly class Layer
{
    public function __construct(public string $material, public float $thickness) {}
}
