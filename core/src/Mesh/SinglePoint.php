<?php

declare(strict_types=1);

namespace Kavvel\Core\Mesh;

/** A router whose loss strands others. */
final readonly class SinglePoint
{
    /** @param list<string> $strands */
    public function __construct(public string $id, public array $strands) {}
}
