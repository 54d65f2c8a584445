<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Mesh;

use Kavvel\Core\Mesh\Graph;
use Kavvel\Core\Mesh\HubRoute;
use Kavvel\Core\Mesh\Link;
use Kavvel\Core\Mesh\MeshJudge;
use Kavvel\Core\Mesh\Node;
use Kavvel\Core\Mesh\Role;
use Kavvel\Core\Protocol\Protocol;
use PHPUnit\Framework\TestCase;

final class HubRouteTest extends TestCase
{
    public function test_the_best_way_is_no_worse(): void
    {
        $route = $this->routes(['lock' => ['r1']])[0];

        self::assertSame([['lock', 'r1', 'hub'], 15.0, false], [$route->path, $route->weakestDb, $route->isWorse()]);
    }

    public function test_a_longer_way_is_worse(): void
    {
        $route = $this->routes(['lock' => ['r2', 'r1']])[0];

        self::assertTrue($route->isWorse());
        self::assertFalse($route->isBroken());
        self::assertSame([['lock', 'r1', 'hub'], 8.0], [$route->best, $route->weakestDb]);
    }

    public function test_a_clearly_weaker_way_of_the_same_length_is_worse(): void
    {
        self::assertTrue($this->routes(['lock' => ['r2']])[0]->isWorse());
        self::assertFalse($this->routes(['lock' => ['r3']])[0]->isWorse(), 'three dB are not worth it');
        self::assertTrue($this->routes(['lock' => ['r4']])[0]->isWorse(), 'four are');
    }

    public function test_a_way_over_one_that_is_gone_is_broken(): void
    {
        $route = $this->routes(['lock' => ['gone']])[0];

        self::assertTrue($route->isBroken());
        self::assertSame(['gone', null], [$route->missing, $route->weakestDb]);
        self::assertTrue($route->isWorse());
        self::assertSame('hub', $this->routes(['lock' => []])[0]->missing, 'it does not hear the hub itself');
    }

    public function test_the_broken_come_first_then_those_with_the_most_to_gain(): void
    {
        $ids = array_map(static fn (HubRoute $one): string => $one->id, $this->routes([
            'r1' => [], 'lock' => ['r2', 'r1'], 'siren' => ['gone'], 'nobody' => ['r1'],
        ]));

        self::assertSame(['siren', 'lock', 'r1'], $ids);
    }

    public function test_who_gains_most_comes_first(): void
    {
        $ids = static fn (array $routes): array => array_map(static fn (HubRoute $one): string => $one->id, $routes);

        self::assertSame(['lock', 'siren'], $ids($this->routes(['siren' => ['r1'], 'lock' => ['r2', 'r1', 'r3']])), 'two hops before one');
        self::assertSame(['lock', 'r3'], $ids($this->routes(['r3' => [], 'lock' => ['r2']])), 'a gain before none');
        self::assertSame(['lock', 'r2'], $ids($this->routes(['r2' => ['r1'], 'lock' => ['r2', 'r1']])), 'of one hop more the weaker first');
    }

    /**
     * @param  array<string, list<string>>  $via
     * @return list<HubRoute>
     */
    private function routes(array $via): array
    {
        $graph = new Graph(Protocol::ZWave, [
            new Node('hub', Role::Root), new Node('r1', Role::Router), new Node('r2', Role::Router), new Node('r3', Role::Router),
            new Node('r4', Role::Router), new Node('lock', Role::End), new Node('siren', Role::End),
        ], [
            new Link('hub', 'r1', 30), new Link('hub', 'r2', 20), new Link('hub', 'r3', 30), new Link('r1', 'r2', 25),
            new Link('r1', 'r3', 25), new Link('r1', 'siren', 19), new Link('r1', 'lock', 15), new Link('r2', 'lock', 8),
            new Link('r3', 'lock', 12), new Link('hub', 'siren', 20), new Link('hub', 'r4', 30), new Link('r4', 'lock', 11),
        ], 'hub');

        return HubRoute::all(MeshJudge::judge($graph), $graph, $via);
    }
}
