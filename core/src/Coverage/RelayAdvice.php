<?php

declare(strict_types=1);

namespace Kavvel\Core\Coverage;

use Kavvel\Core\Mesh\MeshReport;
use Kavvel\Core\Mesh\Verdict;

/** Where one relay makes a thin or lost device accepted, and what else it changes. */
final readonly class RelayAdvice
{
    public function __construct(public string $place, public float $distanceM, public MeshReport $now, public MeshReport $withIt) {}

    /** @return list<string> nodes that are accepted with it and were not before */
    public function gains(): array
    {
        $gains = [];
        foreach ($this->withIt->with(Verdict::Accepted) as $node) {
            if ($node->id !== $this->place && $this->now->node($node->id)?->verdict !== Verdict::Accepted) {
                $gains[] = $node->id;
            }
        }

        return $gains;
    }
}
