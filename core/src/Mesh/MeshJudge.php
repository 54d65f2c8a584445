<?php

declare(strict_types=1);

namespace Kavvel\Core\Mesh;

use Kavvel\Core\Protocol\RouteRule;
use Kavvel\Core\Radio\Margin;

/** Judges a network as a whole: its devices, its weak points, and what else is worth a word. */
final readonly class MeshJudge
{
    /** Of all chosen paths together: a chain of some two thousand nodes */
    private const MOST_STEPS = 2_500_000;

    /** @throws UnsoundGraph where the paths are longer than anybody could read */
    public static function judge(Graph $graph, float $acceptanceDb = Margin::ACCEPTED_DB): MeshReport
    {
        $routing = Routing::of($graph);
        if ($routing->steps() > self::MOST_STEPS) {
            throw UnsoundGraph::pathsTooLong(self::MOST_STEPS);
        }
        $anyPath = Dominators::of($graph, RouteRule::EXISTS_DB, true);
        $nodes = (new NodeJudge($graph, $routing, $anyPath, $acceptanceDb))->all();
        $weak = new WeakPoints($graph, $routing, $anyPath, $acceptanceDb);

        return new MeshReport(
            $nodes,
            $weak->singlePoints(),
            $weak->weakLinks(),
            $weak->asymmetricLinks(),
            $weak->removableInUse(),
            (new MeshNotes($graph, $routing))->of($nodes),
            $weak->oneWayRouters($nodes),
        );
    }
}
