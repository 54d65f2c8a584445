<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Mesh;

use Kavvel\Core\Input\InvalidInput;
use Kavvel\Core\Mesh\Graph;
use Kavvel\Core\Mesh\Link;
use Kavvel\Core\Mesh\MeshJudge;
use Kavvel\Core\Mesh\Node;
use Kavvel\Core\Mesh\NodeJudgement;
use Kavvel\Core\Mesh\Role;
use Kavvel\Core\Mesh\Verdict;
use Kavvel\Core\Protocol\Protocol;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class MeshJudgeTest extends TestCase
{
    public function test_directions_more_than_six_decibels_apart_are_uneven(): void
    {
        self::assertFalse((new Link('a', 'b', 20.1, 14.1))->isAsymmetric(), 'six, and rounding noise');
        self::assertTrue((new Link('a', 'b', 20.1, 14.05))->isAsymmetric());
        self::assertTrue((new Link('a', 'b', 14.05, 20.1))->isAsymmetric());
        self::assertFalse((new Link('a', 'b', 20))->isAsymmetric());
    }

    #[DataProvider('costs')]
    public function test_each_protocol_prices_a_link_its_own_way(Protocol $protocol, float $margin, ?int $cost): void
    {
        self::assertSame($cost, $protocol->rules()->routes()?->linkCost($margin));
    }

    /** @return list<array{Protocol, float, int|null}> */
    public static function costs(): array
    {
        return [
            [Protocol::Zigbee, 40, 1], [Protocol::Zigbee, 12, 2], [Protocol::Zigbee, 8, 7], [Protocol::Zigbee, 2, 7],
            [Protocol::Zigbee, 1.99, null],
            [Protocol::Thread, 20.01, 1], [Protocol::Thread, 20, 2], [Protocol::Thread, 10.01, 2], [Protocol::Thread, 10, 4],
            [Protocol::Thread, 2.01, 4], [Protocol::Thread, 2, null],
            [Protocol::ZWave, 2, 1], [Protocol::ZWave, 50, 1], [Protocol::ZWave, 1.9, null],
        ];
    }

    public function test_the_cheapest_path_wins_even_when_it_is_longer(): void
    {
        $report = MeshJudge::judge($this->graph('zigbee', 'hub* a b x.', ['hub-x 3', 'hub-a 30', 'a-x 30']));

        self::assertSame(['x', 'a', 'hub'], $report->node('x')?->path);
        self::assertSame(2, $report->node('x')->cost);
        self::assertSame([], $report->node('b')?->path);
        self::assertNull($report->node('b')->cost);
        self::assertSame(Verdict::Lost, $report->node('b')->verdict);
    }

    public function test_zwave_takes_the_fewest_hops_and_then_the_larger_weakest_margin(): void
    {
        $report = MeshJudge::judge($this->graph('zwave', 'hub* a b x.', ['hub-x 3', 'hub-a 30', 'a-x 30']));
        self::assertSame(['x', 'hub'], $report->node('x')?->path);

        $report = MeshJudge::judge($this->graph('zwave', 'hub* a b x.', ['hub-a 30', 'hub-b 30', 'a-x 14', 'b-x 15']));
        self::assertSame(['x', 'b', 'hub'], $report->node('x')?->path);
    }

    public function test_equal_paths_go_over_the_smaller_id(): void
    {
        $report = MeshJudge::judge($this->graph('zigbee', 'hub* b a x.', ['hub-a 30', 'hub-b 30', 'a-x 25', 'b-x 25']));

        self::assertSame(['x', 'a', 'hub'], $report->node('x')?->path);
    }

    public function test_end_devices_never_relay(): void
    {
        $report = MeshJudge::judge($this->graph('zigbee', 'hub* e. x.', ['hub-e 30', 'e-x 30']));

        self::assertFalse($report->node('x')?->isReachable());
        self::assertSame(0, $report->node('x')->disjointPaths);
    }

    public function test_zwave_ends_after_five_hops(): void
    {
        $chain = ['hub-a 30', 'a-b 30', 'b-c 30', 'c-d 30', 'd-e 30', 'e-f 30'];
        $report = MeshJudge::judge($this->graph('zwave', 'hub* a b c d e f', $chain));

        self::assertSame(5, $report->node('e')?->hops);
        self::assertSame(Verdict::Accepted, $report->node('e')->verdict);
        $last = $report->node('f');
        self::assertNotNull($last);
        self::assertNull($last->hops);
        self::assertSame(0, $last->acceptedPaths);
        self::assertSame(1, $last->disjointPaths, 'disjoint paths know no hop limit');
        self::assertSame(Verdict::Lost, $last->verdict, 'what can’t be reached is lost, whatever its links');
    }

    public function test_thread_paths_over_fifteen_are_no_paths(): void
    {
        $report = MeshJudge::judge($this->graph('thread', 'hub* a b c d', ['hub-a 5', 'a-b 5', 'b-c 5', 'c-d 5']));

        self::assertSame(12, $report->node('c')?->cost);
        self::assertFalse($report->node('d')?->isReachable());
    }

    public function test_a_thread_link_of_no_quality_is_no_way_round(): void
    {
        $links = ['hub-r 9', 'hub-s 9', 'r-x 9'];

        self::assertSame(1, MeshJudge::judge($this->graph('thread', 'hub* r s x.', [...$links, 's-x 2']))->node('x')?->disjointPaths);
        self::assertSame(2, MeshJudge::judge($this->graph('thread', 'hub* r s x.', [...$links, 's-x 2.01']))->node('x')?->disjointPaths);
        self::assertSame(
            2,
            MeshJudge::judge($this->graph('zigbee', 'hub* r s x.', [...$links, 's-x 2']))->node('x')?->disjointPaths,
            'Zigbee would use it',
        );
    }

    public function test_what_is_not_accepted_is_listed_by_how_much_it_matters(): void
    {
        $report = MeshJudge::judge($this->graph('zigbee', 'hub* a. b. c. d. e.', [
            'hub-a 30', 'hub-b 9', 'hub-c 7', 'hub-d 10', 'hub-e 4',
        ]));
        $ids = static fn (string ...$vital): array => array_map(
            static fn (NodeJudgement $node): string => $node->id,
            $report->unaccepted(array_values($vital)),
        );

        self::assertSame(['e', 'c', 'b', 'd'], $ids());
        self::assertSame(['e', 'd', 'c', 'b'], $ids('d'), 'a smoke alarm before a weaker lamp, but after what is lost');
    }

    public function test_two_disjoint_paths_need_two_relays_or_a_direct_link_and_a_relay(): void
    {
        $report = MeshJudge::judge($this->graph('zigbee', 'hub* a b c x. y. z.', [
            'hub-a 30', 'hub-b 30', 'a-x 20', 'b-x 20', 'hub-y 20', 'a-y 20', 'a-c 20', 'c-z 20', 'b-c 20',
        ]));

        self::assertSame(2, $report->node('x')?->disjointPaths);
        self::assertSame(2, $report->node('y')?->disjointPaths);
        self::assertSame(1, $report->node('z')?->disjointPaths, 'both ways lead through c');
        self::assertSame(2, $report->node('c')?->disjointPaths);
        self::assertSame(2, $report->node('a')?->disjointPaths, 'directly, and over c and b');
    }

    public function test_a_relay_that_can_vanish_carries_but_does_not_count(): void
    {
        $report = MeshJudge::judge($this->graph('zigbee', 'hub* lamp~ x.', ['hub-lamp 30', 'lamp-x 20']));

        self::assertSame(['x', 'lamp', 'hub'], $report->node('x')?->path);
        self::assertSame(0, $report->node('x')->acceptedPaths);
        self::assertSame(Verdict::Thin, $report->node('x')->verdict);
        self::assertSame(Verdict::Accepted, $report->node('lamp')?->verdict);
        self::assertSame(['lamp'], $report->removableInUse);
    }

    public function test_a_router_with_one_accepted_path_is_warned_of(): void
    {
        $report = MeshJudge::judge($this->graph('zigbee', 'hub* a b lonely x.', [
            'hub-a 30', 'hub-b 30', 'a-b 30', 'a-lonely 20', 'a-x 20',
        ]));

        self::assertSame(['lonely'], $report->oneWayRouters, 'end devices may have one');
    }

    public function test_possible_parents_relay_reach_the_root_and_are_near_enough(): void
    {
        $report = MeshJudge::judge($this->graph('zigbee', 'hub* a b lone x. e.', [
            'hub-a 30', 'hub-b 30', 'a-x 12', 'b-x 11.9', 'lone-x 30', 'e-x 30', 'hub-x 20',
        ]));

        self::assertSame(
            ['a', 'hub'],
            $report->node('x')?->possibleParents,
            'b is too far; lone would reach the root only through x, which does not relay',
        );
    }

    public function test_the_worse_direction_counts_and_uneven_links_are_listed(): void
    {
        $graph = new Graph(
            Protocol::Zigbee,
            [new Node('hub', Role::Root), new Node('a', Role::Router), new Node('b', Role::Router)],
            [new Link('hub', 'a', 20, 9), new Link('hub', 'b', 18.1, 12.1)],
            'hub',
        );
        $report = MeshJudge::judge($graph);

        self::assertSame(9.0, $report->node('a')?->weakestDb);
        self::assertSame(
            ['a'],
            array_map(static fn (Link $link): string => $link->b, $report->asymmetricLinks),
            'exactly 6 dB apart is even enough',
        );
        self::assertSame(['a'], array_map(static fn (Link $link): string => $link->b, $report->weakLinks));
    }

    #[DataProvider('broken')]
    public function test_a_broken_network_is_refused_with_its_place(callable $make, string $reason, string $at): void
    {
        try {
            $make();
            self::fail('It was taken.');
        } catch (InvalidInput $refused) {
            self::assertSame([$reason, $at], [$refused->reason, $refused->at]);
        }
    }

    /** @return array<string, array{callable, string, string}> */
    public static function broken(): array
    {
        $hub = new Node('hub', Role::Root);
        $a = new Node('a', Role::Router);
        $graph = /** @param array<int, Node> $nodes @param array<int, Link> $links */
            static fn (array $nodes, array $links, string $root = 'hub'): callable => static fn () => new Graph(
                Protocol::Zigbee,
                array_values($nodes),
                array_values($links),
                $root,
            );

        return [
            'an id twice' => [$graph([$hub, $a, $a], []), 'duplicate-id', '$.nodes[2].id'],
            'an unknown end' => [$graph([$hub, $a], [new Link('a', 'ghost', 9)]), 'unknown-id', '$.links[0].b'],
            'a link to itself' => [$graph([$hub, $a], [new Link('a', 'a', 9)]), 'self-link', '$.links[0]'],
            'the same link twice' => [
                $graph([$hub, $a], [new Link('a', 'hub', 9), new Link('hub', 'a', 8)]), 'duplicate-link', '$.links[1]',
            ],
            'no such root' => [$graph([$a], []), 'unknown-id', '$.root'],
            'two roots' => [$graph([$hub, new Node('other', Role::Root)], []), 'bad-root', '$.nodes[1].role'],
        ];
    }

    /**
     * Nodes: `hub*` is the root, `x.` an end device, `lamp~` a router that can vanish. Links: `a-b 12`.
     *
     * @param  list<string>  $links
     */
    private function graph(string $protocol, string $nodes, array $links): Graph
    {
        return new Graph(
            Protocol::from($protocol),
            array_map(static fn (string $node): Node => new Node(rtrim($node, '*.~'), match (substr($node, -1)) {
                '*' => Role::Root, '.' => Role::End, default => Role::Router,
            }, str_ends_with($node, '~')), explode(' ', $nodes)),
            array_map(static function (string $link): Link {
                [$ends, $margin] = explode(' ', $link);
                [$a, $b] = explode('-', $ends);

                return new Link($a, $b, (float) $margin);
            }, $links),
            'hub',
        );
    }
}
