<?php

declare(strict_types=1);

namespace Kavvel\Core\Mesh;

/** Which nodes have a path to the root whose links all have a margin, and over how many links the shortest leads. */
final readonly class Reach
{
    /** @param array<int, int> $hops by node number; those without such a path are missing */
    private function __construct(public array $hops) {}

    /**
     * @param  bool  $overRemovable  whether relays that can vanish may stand on a path
     * @param  array<int, true>  $without  nodes that are not there
     */
    public static function of(Graph $graph, float $leastDb, bool $overRemovable, array $without = []): self
    {
        $hops = [$graph->root => 0];
        $queue = [$graph->root];
        for ($at = 0; isset($queue[$at]); $at++) {
            $node = $queue[$at];
            if (! $graph->carries($node, $overRemovable)) {
                continue;
            }
            foreach ($graph->neighbours[$node] as [$other, $margin]) {
                if ($margin >= $leastDb && ! isset($hops[$other]) && ! isset($without[$other])) {
                    $hops[$other] = $hops[$node] + 1;
                    $queue[] = $other;
                }
            }
        }

        return new self($hops);
    }
}
