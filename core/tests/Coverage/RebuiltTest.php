<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Coverage;

use Kavvel\Core\Coverage\RadioEnd;
use Kavvel\Core\Coverage\RadioPlan;
use Kavvel\Core\Coverage\Rebuilt;
use Kavvel\Core\Mesh\Graph;
use Kavvel\Core\Mesh\Link;
use Kavvel\Core\Mesh\Node;
use Kavvel\Core\Mesh\Role;
use Kavvel\Core\Protocol\Protocol;
use Kavvel\Core\Protocol\Region;
use Kavvel\Core\Radio\Clutter;
use Kavvel\Core\Radio\Transceiver;
use Kavvel\Core\Site\Building;
use Kavvel\Core\Site\Layer;
use Kavvel\Core\Site\Vec3;
use Kavvel\Core\Site\Wall;
use PHPUnit\Framework\TestCase;

final class RebuiltTest extends TestCase
{
    public function test_a_measured_link_gains_what_the_wall_takes_no_longer(): void
    {
        $wall = $this->plan([new Layer('concrete', 0.2)]);
        $open = $this->plan([]);
        $ends = $this->ends();
        $gain = $open->link($ends['hub'], $ends['a'])->marginDb - $wall->link($ends['hub'], $ends['a'])->marginDb;
        $then = Rebuilt::heard($this->graph([new Link('hub', 'a', 10, 7), new Link('hub', 'near', 40)]), $ends, $wall, $open);

        self::assertGreaterThan(5, $gain);
        self::assertEqualsWithDelta([10 + $gain, 7 + $gain], [$then->links[0]->marginDb, $then->links[0]->marginBackDb], 1e-9);
        self::assertSame(40.0, $then->links[1]->marginDb, 'on one side of it nothing changes');
        $back = Rebuilt::heard($then, $ends, $open, $wall)->links[0];
        self::assertEqualsWithDelta([10.0, 7.0], [$back->marginDb, $back->marginBackDb], 1e-9, 'and back again');
    }

    public function test_two_that_a_wall_kept_apart_hear_each_other_and_two_ends_never_do(): void
    {
        $graph = $this->graph([new Link('hub', 'near', 40)]);
        $then = Rebuilt::heard($graph, $this->ends(), $this->plan([new Layer('foil', 0.001)]), $this->plan([]));
        $pairs = array_map(static fn (Link $link): array => [$link->a, $link->b], $then->links);

        self::assertContains(['hub', 'a'], $pairs);
        self::assertNotContains(['near', 'a'], $pairs);
        self::assertNotContains(['a', 'near'], $pairs);
    }

    public function test_without_a_change_nothing_comes_about(): void
    {
        $plan = $this->plan([new Layer('concrete', 0.2)]);
        $graph = $this->graph([new Link('hub', 'a', 10)]);

        self::assertEquals($graph->links, Rebuilt::heard($graph, $this->ends(), $plan, $plan)->links);
    }

    public function test_a_node_that_the_plan_does_not_know_keeps_its_link(): void
    {
        $graph = $this->graph([new Link('hub', 'a', 10)]);
        $ends = array_diff_key($this->ends(), ['a' => true]);
        $then = Rebuilt::heard($graph, $ends, $this->plan([new Layer('foil', 0.001)]), $this->plan([]));

        self::assertSame(10.0, $then->links[0]->marginDb);
    }

    /** @param list<Layer> $layers */
    private function plan(array $layers): RadioPlan
    {
        $wall = new Wall([5.0, -5.0], [5.0, 5.0], 0.0, 3.0, $layers);

        return new RadioPlan(new Building($wall->segments(), []), new Clutter(0.0, 0.0));
    }

    /** @return array<string, RadioEnd> */
    private function ends(): array
    {
        $radio = Transceiver::of(Protocol::Zigbee, Region::Eu);
        self::assertNotNull($radio);

        return [
            'hub' => new RadioEnd('hub', new Vec3(0.0, 0.0, 1.0), $radio, 0.0, Role::Root),
            'a' => new RadioEnd('a', new Vec3(9.0, 0.0, 1.0), $radio, 0.0, Role::End),
            'near' => new RadioEnd('near', new Vec3(2.0, 1.0, 1.0), $radio, 0.0, Role::End),
        ];
    }

    /** @param list<Link> $links */
    private function graph(array $links): Graph
    {
        $nodes = [new Node('hub', Role::Root), new Node('a', Role::End), new Node('near', Role::End)];

        return new Graph(Protocol::Zigbee, $nodes, $links, 'hub');
    }
}
