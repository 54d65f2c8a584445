<?php

declare(strict_types=1);

namespace Kavvel\Core\Mesh;

/** What a survey says of one node. Path: from the node to the root, by id; empty when it reaches nobody. */
final readonly class NodeJudgement
{
    /**
     * @param  list<string>  $path
     * @param  list<string>  $possibleParents
     */
    public function __construct(
        public string $id,
        public array $path,
        public ?int $hops,
        public ?int $cost,
        public ?float $weakestDb,
        public int $disjointPaths,
        public int $acceptedPaths,
        public array $possibleParents,
        public Verdict $verdict,
    ) {}

    public function isReachable(): bool
    {
        return $this->path !== [];
    }
}
