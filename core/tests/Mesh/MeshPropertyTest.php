<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Mesh;

use Eris\Generators;
use Eris\TestTrait;
use Kavvel\Core\Mesh\Graph;
use Kavvel\Core\Mesh\Link;
use Kavvel\Core\Mesh\MeshJudge;
use Kavvel\Core\Mesh\Node;
use Kavvel\Core\Mesh\NodeJudgement;
use Kavvel\Core\Mesh\Role;
use Kavvel\Core\Protocol\Protocol;
use Kavvel\Core\Protocol\RouteRule;
use PHPUnit\Framework\TestCase;

/** The fast answers against slow ones that are obviously right, over random small networks. */
final class MeshPropertyTest extends TestCase
{
    use TestTrait;

    public function test_paths_are_the_best_of_all_simple_paths(): void
    {
        $this->overNetworks(function (Graph $graph): void {
            $report = MeshJudge::judge($graph);
            foreach ($report->nodes as $node) {
                $best = $this->bestBySearch($graph, $node->id);
                self::assertSame($best[0] ?? null, $node->cost, $node->id);
                self::assertSame($best[1] ?? null, $node->hops, $node->id);
                self::assertEqualsWithDelta($best === null ? 0 : -$best[2], $node->weakestDb ?? 0, 1e-9, $node->id);
            }
        });
    }

    public function test_disjoint_paths_and_acceptance_hold_when_any_one_relay_is_taken_away(): void
    {
        $this->overNetworks(function (Graph $graph): void {
            $report = MeshJudge::judge($graph);
            foreach ($report->nodes as $node) {
                self::assertSame(
                    $this->disjointBySearch($graph, $node->id, RouteRule::EXISTS_DB, true),
                    $node->disjointPaths,
                    "disjoint {$node->id}",
                );
                if ($graph->protocol !== Protocol::ZWave) {
                    self::assertSame(
                        $this->disjointBySearch($graph, $node->id, 12.0, false),
                        $node->acceptedPaths,
                        "accepted {$node->id}",
                    );
                }
            }
        });
    }

    public function test_single_points_strand_exactly_who_loses_every_path(): void
    {
        $this->overNetworks(function (Graph $graph): void {
            $expected = [];
            $reachable = $this->reachable(MeshJudge::judge($graph)->nodes);
            foreach ($graph->nodes as $router) {
                if ($router->role === Role::Router) {
                    $without = $this->reachable(MeshJudge::judge($this->without($graph, $router->id))->nodes);
                    $stranded = array_values(array_diff($reachable, $without, [$router->id]));
                    if ($stranded !== []) {
                        $expected[$router->id] = $stranded;
                    }
                }
            }
            $found = array_column(
                array_map(
                    static fn ($point): array => ['id' => $point->id, 'strands' => $point->strands],
                    MeshJudge::judge($graph)->singlePoints,
                ),
                'strands',
                'id',
            );

            self::assertEquals($expected, $found);
        });
    }

    /** @param callable(Graph): void $check */
    private function overNetworks(callable $check): void
    {
        $this->limitTo(80)->forAll(Generators::choose(0, 1_000_000), Generators::elements(['zigbee', 'thread', 'zwave']))
            ->then(fn (int $seed, string $protocol) => $check($this->network($seed, Protocol::from($protocol))));
    }

    private function network(int $seed, Protocol $protocol): Graph
    {
        $random = new \Random\Randomizer(new \Random\Engine\Mt19937($seed));
        $nodes = [new Node('hub', Role::Root)];
        $count = $random->getInt(3, 7);
        for ($i = 0; $i < $count; $i++) {
            $nodes[] = new Node("n{$i}", $random->getInt(0, 2) === 0 ? Role::End : Role::Router, $random->getInt(0, 3) === 0);
        }
        $links = [];
        foreach ($nodes as $i => $a) {
            foreach (array_slice($nodes, $i + 1) as $b) {
                if ($random->getInt(0, 99) < 45) {
                    $links[] = new Link($a->id, $b->id, $random->getInt(0, 28));
                }
            }
        }

        return new Graph($protocol, $nodes, $links, 'hub');
    }

    /** @return array{int, int, float}|null cost, hops and minus the weakest margin of the best simple path */
    private function bestBySearch(Graph $graph, string $id): ?array
    {
        $best = null;
        foreach ($this->simplePaths($graph, $id, RouteRule::EXISTS_DB, true) as $margins) {
            $costs = array_map($graph->rule->linkCost(...), $margins);
            if (in_array(null, $costs, true)) {
                continue;
            }
            $limit = $graph->rule->pathCostLimit();
            $key = [(int) array_sum($costs), count($margins), -min([INF, ...$margins])];
            if (($limit === null || $key[0] <= $limit) && ($best === null || $key < $best)) {
                $best = $key;
            }
        }

        return $best;
    }

    private function disjointBySearch(Graph $graph, string $id, float $leastDb, bool $overRemovable): int
    {
        $paths = array_map(
            static fn (string $path): array => explode(' ', $path),
            array_keys($this->simplePaths($graph, $id, $leastDb, $overRemovable)),
        );
        $relays = array_map(static fn (array $path): array => array_slice($path, 1, -1), $paths);
        foreach ($relays as $i => $one) {
            foreach (array_slice($relays, $i + 1) as $other) {
                if (array_intersect($one, $other) === []) {
                    return 2;
                }
            }
        }

        return $paths === [] ? 0 : 1;
    }

    /** @return array<string, list<float>> margins by the ids of the path; at least one link each */
    private function simplePaths(Graph $graph, string $id, float $leastDb, bool $overRemovable): array
    {
        $found = [];
        $start = array_search($id, array_map(static fn (Node $node): string => $node->id, $graph->nodes), true);
        $walk = static function (int $at, array $seen, array $margins) use (&$walk, &$found, $graph, $leastDb, $overRemovable): void {
            if ($at === $graph->root) {
                $found[implode(' ', array_map(static fn (int $n): string => $graph->nodes[$n]->id, $seen))] = array_values($margins);

                return;
            }
            $mayPass = count($seen) === 1 || ($graph->nodes[$at]->relays() && ($overRemovable || ! $graph->nodes[$at]->removable));
            foreach ($mayPass ? $graph->neighbours[$at] : [] as [$next, $margin]) {
                if ($margin >= $leastDb && ! in_array($next, $seen, true)) {
                    $walk($next, [...$seen, $next], [...$margins, $margin]);
                }
            }
        };
        $walk((int) $start, [(int) $start], []);

        return $found;
    }

    private function without(Graph $graph, string $id): Graph
    {
        return new Graph(
            $graph->protocol,
            array_values(array_filter($graph->nodes, static fn (Node $node): bool => $node->id !== $id)),
            array_values(array_filter($graph->links, static fn (Link $link): bool => $link->a !== $id && $link->b !== $id)),
            'hub',
        );
    }

    /**
     * @param  list<NodeJudgement>  $nodes
     * @return list<string>
     */
    private function reachable(array $nodes): array
    {
        return array_values(array_map(
            static fn (NodeJudgement $node): string => $node->id,
            array_filter($nodes, static fn (NodeJudgement $node): bool => $node->isReachable()),
        ));
    }
}
