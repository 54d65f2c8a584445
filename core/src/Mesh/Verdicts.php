<?php

declare(strict_types=1);

namespace Kavvel\Core\Mesh;

use Kavvel\Core\Radio\Margin;

/** The verdict on every node: all that a search needs of a network that it only tries. */
final readonly class Verdicts
{
    private Reach $accepted;

    private Reach $thin;

    /** @param array<int, true> $without nodes that are not there, as the routing has it */
    public function __construct(private Graph $graph, private Routing $routing, float $acceptanceDb, array $without = [])
    {
        $this->accepted = Reach::of($graph, $acceptanceDb, false, $without);
        $this->thin = Reach::of($graph, Margin::THIN_DB, true, $without);
    }

    /** A path whose links are all accepted, over relays that stay, no longer than the protocol allows. */
    public function hasAcceptedPath(int $node): bool
    {
        $hops = $this->accepted->hops[$node] ?? null;

        return $hops !== null && $hops <= ($this->graph->rule->mostHops() ?? $hops);
    }

    public function on(int $node): Verdict
    {
        return match (true) {
            ! isset($this->routing->routes[$node]) => Verdict::Lost,
            $this->hasAcceptedPath($node) => Verdict::Accepted,
            isset($this->thin->hops[$node]) => Verdict::Thin,
            default => Verdict::Lost,
        };
    }
}
