<?php

declare(strict_types=1);

namespace Kavvel\Core\Mesh;

/** A network judged: every node but the root, and what is wrong with the whole. Lists are in order of id. */
final readonly class MeshReport
{
    /**
     * @param  list<NodeJudgement>  $nodes
     * @param  list<SinglePoint>  $singlePoints
     * @param  list<Link>  $weakLinks
     * @param  list<Link>  $asymmetricLinks
     * @param  list<string>  $removableInUse
     * @param  list<string>  $notes
     * @param  list<string>  $oneWayRouters  routers with a single accepted path
     */
    public function __construct(
        public array $nodes,
        public array $singlePoints,
        public array $weakLinks,
        public array $asymmetricLinks,
        public array $removableInUse,
        public array $notes,
        public array $oneWayRouters,
    ) {}

    /**
     * Nodes without an accepted path: the lost first, then what must not fail, then the weakest.
     *
     * @param  list<string>  $vital  locks, smoke and leak devices
     * @return list<NodeJudgement>
     */
    public function unaccepted(array $vital): array
    {
        $open = array_values(array_filter($this->nodes, static fn (NodeJudgement $node): bool => $node->verdict !== Verdict::Accepted));
        $isLost = static fn (NodeJudgement $node): bool => $node->verdict === Verdict::Lost;
        usort($open, static fn (NodeJudgement $a, NodeJudgement $b): int => $isLost($b) <=> $isLost($a)
            ?: in_array($b->id, $vital, true) <=> in_array($a->id, $vital, true)
            ?: ($a->weakestDb ?? -INF) <=> ($b->weakestDb ?? -INF)
            ?: strcmp($a->id, $b->id));

        return $open;
    }

    public function count(Verdict $verdict): int
    {
        return count($this->with($verdict));
    }

    /** @return list<NodeJudgement> */
    public function with(Verdict $verdict): array
    {
        return array_values(array_filter($this->nodes, static fn (NodeJudgement $node): bool => $node->verdict === $verdict));
    }

    public function node(string $id): ?NodeJudgement
    {
        foreach ($this->nodes as $node) {
            if ($node->id === $id) {
                return $node;
            }
        }

        return null;
    }
}
