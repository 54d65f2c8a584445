<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Coverage;

use Kavvel\Core\Coverage\RadioEnd;
use Kavvel\Core\Coverage\RadioPlan;
use Kavvel\Core\Coverage\RelayAdvice;
use Kavvel\Core\Coverage\RelaySearch;
use Kavvel\Core\Mesh\Graph;
use Kavvel\Core\Mesh\Link;
use Kavvel\Core\Mesh\MeshJudge;
use Kavvel\Core\Mesh\Node;
use Kavvel\Core\Mesh\Role;
use Kavvel\Core\Mesh\Verdict;
use Kavvel\Core\Protocol\Protocol;
use Kavvel\Core\Radio\Clutter;
use Kavvel\Core\Radio\Transceiver;
use Kavvel\Core\Site\Building;
use Kavvel\Core\Site\Layer;
use Kavvel\Core\Site\Vec3;
use Kavvel\Core\Site\WallSegment;
use PHPUnit\Framework\TestCase;

final class RelaySearchTest extends TestCase
{
    public function test_the_nearest_place_from_which_a_relay_helps_is_taken(): void
    {
        $advice = $this->advise(
            [
                $this->end('behind', 9, 9, Role::Router), $this->end('near', 7, 0, Role::Router),
                $this->end('nearer-the-hub', 4, 0, Role::Router),
            ],
            new Building([], []),
        );

        self::assertSame('near', $advice?->place);
        self::assertEqualsWithDelta(3.0, $advice->distanceM, 1e-9);
        self::assertSame(['x'], $advice->gains());
        self::assertSame(Verdict::Lost, $advice->now->node('x')?->verdict);
        self::assertSame(Verdict::Accepted, $advice->withIt->node('x')?->verdict);
    }

    public function test_a_place_that_a_wall_cuts_off_is_passed_over(): void
    {
        $vault = new WallSegment([8, -50], [8, 50], 0, 9, [new Layer('foil', 0.01), new Layer('foil', 0.01), new Layer('foil', 0.01)]);
        $advice = $this->advise(
            [$this->end('near', 7, 0, Role::Router), $this->end('inside', 10, 6, Role::Router)],
            new Building([$vault], []),
        );

        self::assertNull($advice, 'from outside it does not reach the device, from inside not the hub');
    }

    public function test_no_place_is_no_advice(): void
    {
        self::assertNull($this->advise([], new Building([], [])));
    }

    public function test_a_plan_links_relays_with_everybody_and_end_devices_not_with_each_other(): void
    {
        $plan = new RadioPlan(new Building([], []), new Clutter);
        $graph = $plan->graph(
            Protocol::Zigbee,
            [
                $this->end('hub', 0, 0, Role::Root), $this->end('r', 3, 0, Role::Router), $this->end('a', 5, 0, Role::End),
                $this->end('b', 5, 1, Role::End),
            ],
            'hub',
        );
        $pairs = array_map(static fn (Link $link): string => "{$link->a}-{$link->b}", $graph->links);

        self::assertSame(['hub-r', 'hub-a', 'hub-b', 'r-a', 'r-b'], $pairs);
    }

    public function test_the_way_back_differs_by_power_and_sensitivity(): void
    {
        $plan = new RadioPlan(new Building([], []), new Clutter);
        $strong = new RadioEnd('s', new Vec3(0, 0, 1), new Transceiver(2440, 10, -100), 0, Role::Root);
        $weak = new RadioEnd('w', new Vec3(6, 0, 1), new Transceiver(2440, 4, -95), 0, Role::End);
        $link = $plan->link($strong, $weak);

        self::assertEqualsWithDelta($plan->forecast($weak, $strong)->marginDb, $link->marginBackDb, 1e-9);
        self::assertEqualsWithDelta(1.0, $link->marginDb - $link->marginBackDb, 1e-9, '6 dB more power there, 5 dB better ears back');
    }

    /** @param list<RadioEnd> $places */
    private function advise(array $places, Building $building): ?RelayAdvice
    {
        $hub = $this->end('hub', 0, 0, Role::Root);
        $x = $this->end('x', 10, 0, Role::End);
        $graph = new Graph(Protocol::Zigbee, [new Node('hub', Role::Root), new Node('x', Role::End)], [new Link('hub', 'x', 4)], 'hub');
        self::assertSame(1, MeshJudge::judge($graph)->count(Verdict::Lost));

        return RelaySearch::over($places, [$hub, $x], $graph, new RadioPlan($building, new Clutter), 12)->for($x);
    }

    private function end(string $key, float $x, float $y, Role $role): RadioEnd
    {
        return new RadioEnd($key, new Vec3($x, $y, 1), new Transceiver(2440, 8, -97), 0, $role);
    }
}
