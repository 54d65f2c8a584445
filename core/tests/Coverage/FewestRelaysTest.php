<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Coverage;

use Kavvel\Core\Coverage\FewestRelays;
use Kavvel\Core\Mesh\Graph;
use Kavvel\Core\Mesh\Link;
use Kavvel\Core\Mesh\MeshJudge;
use Kavvel\Core\Mesh\Node;
use Kavvel\Core\Mesh\Role;
use Kavvel\Core\Mesh\Verdict;
use Kavvel\Core\Protocol\Protocol;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class FewestRelaysTest extends TestCase
{
    private const CANDIDATES = ['p1', 'p10', 'p2', 'p3', 'p4', 'p5'];

    #[DataProvider('protocols')]
    public function test_of_all_sets_up_to_three_the_best_is_found(Protocol $protocol, int $seed): void
    {
        $random = new Randomizer(new Mt19937($seed));
        $sizes = [];
        for ($house = 0; $house < 25; $house++) {
            [$nodes, $links] = $this->house($random);
            $plan = FewestRelays::of($this->graph($protocol, $nodes, $links, self::CANDIDATES), self::CANDIDATES, 12.0);
            $tried = array_map(fn (array $set): array => $this->tried($protocol, $nodes, $links, $set), self::sets(self::CANDIDATES, 3));
            usort($tried, static fn (array $a, array $b): int => [-$a['accepted'], count($a['add']), -$a['weakest'], $a['add']]
                <=> [-$b['accepted'], count($b['add']), -$b['weakest'], $b['add']]);
            $all = $this->tried($protocol, $nodes, $links, self::CANDIDATES);

            self::assertSame($all['accepted'] === $tried[0]['accepted'], $plan->isExact);
            self::assertSame($this->tried($protocol, $nodes, $links, [])['accepted'], $plan->acceptedBefore);
            if ($plan->isExact) {
                self::assertSame($tried[0]['add'], $plan->add);
                self::assertSame($tried[0]['open'], $plan->open);
            } else {
                self::assertGreaterThanOrEqual($tried[0]['accepted'], $plan->acceptedAfter);
            }
            $sizes[] = count($plan->add);
        }
        self::assertGreaterThanOrEqual(3, count(array_unique($sizes)), 'the houses differ');
    }

    /** @return array<string, array{Protocol, int}> */
    public static function protocols(): array
    {
        return ['zigbee' => [Protocol::Zigbee, 1], 'thread' => [Protocol::Thread, 2], 'zwave' => [Protocol::ZWave, 3]];
    }

    public function test_where_three_are_not_enough_it_goes_on_one_by_one_and_says_so(): void
    {
        $nodes = [new Node('hub', Role::Root)];
        $links = [];
        $relays = [];
        foreach (range(1, 5) as $arm) {
            $nodes[] = new Node("lamp{$arm}", Role::End);
            $relays[] = "p{$arm}";
            $links[] = new Link('hub', "p{$arm}", 20.0);
            $links[] = new Link("p{$arm}", "lamp{$arm}", 20.0);
        }
        $plan = FewestRelays::of($this->graph(Protocol::Zigbee, $nodes, $links, $relays), $relays, 12.0);

        self::assertSame([$relays, false], [$plan->add, $plan->isExact]);
        self::assertSame([0, 5, []], [$plan->acceptedBefore, $plan->acceptedAfter, $plan->open]);
    }

    public function test_among_many_places_it_goes_one_by_one_from_none(): void
    {
        $relays = array_map(static fn (int $n): string => "p{$n}", range(1, 41));
        $links = [new Link('hub', 'p7', 20.0), new Link('p7', 'lamp', 14.0), new Link('hub', 'p9', 20.0), new Link('p9', 'lamp', 15.0)];
        $nodes = [new Node('hub', Role::Root), new Node('lamp', Role::End)];
        $plan = FewestRelays::of($this->graph(Protocol::Zigbee, $nodes, $links, $relays), $relays, 12.0);
        self::assertSame([['p9'], false, 1], [$plan->add, $plan->isExact, $plan->acceptedAfter]);

        $few = array_slice($relays, 0, 40);
        self::assertTrue(FewestRelays::of($this->graph(Protocol::Zigbee, $nodes, $links, $few), $few, 12.0)->isExact);
    }

    public function test_where_nothing_is_open_nothing_is_added(): void
    {
        $nodes = [new Node('hub', Role::Root), new Node('lamp', Role::End)];
        $plan = FewestRelays::of($this->graph(Protocol::Zigbee, $nodes, [new Link('hub', 'lamp', 12.0)], ['p1']), ['p1'], 12.0);

        self::assertSame([[], true], [$plan->add, $plan->isExact]);
        self::assertSame([1, 1, []], [$plan->acceptedBefore, $plan->acceptedAfter, $plan->open]);
    }

    /** @return array{list<Node>, list<Link>} a hub, devices and links, those of the candidates among them */
    private function house(Randomizer $random): array
    {
        $nodes = [new Node('hub', Role::Root)];
        foreach (range(1, 9) as $number) {
            $nodes[] = new Node("s{$number}", $number % 3 === 0 ? Role::Router : Role::End, $number === 6);
        }
        $places = [];
        foreach ([...array_map(static fn (Node $node): string => $node->id, $nodes), ...self::CANDIDATES] as $id) {
            $places[$id] = [$random->getInt(0, 400) / 10, $random->getInt(0, 400) / 10];
        }
        $links = [];
        $ids = array_map(strval(...), array_keys($places));
        foreach ($ids as $number => $a) {
            foreach (array_slice($ids, $number + 1) as $b) {
                $margin = round(36 - 1.8 * hypot($places[$a][0] - $places[$b][0], $places[$a][1] - $places[$b][1]), 1);
                if ($margin > 0) {
                    $links[] = new Link($a, $b, $margin, $margin + $random->getInt(-2, 2));
                }
            }
        }

        return [$nodes, $links];
    }

    /**
     * @param  list<Node>  $nodes
     * @param  list<Link>  $links
     * @param  list<string>  $relays
     */
    private function graph(Protocol $protocol, array $nodes, array $links, array $relays): Graph
    {
        $all = [...$nodes, ...array_map(static fn (string $id): Node => new Node($id, Role::Router), $relays)];
        $ids = array_map(static fn (Node $node): string => $node->id, $all);
        $there = array_filter($links, static fn (Link $link): bool => in_array($link->a, $ids, true) && in_array($link->b, $ids, true));

        return new Graph($protocol, $all, array_values($there), 'hub');
    }

    /**
     * @param  list<Node>  $nodes
     * @param  list<Link>  $links
     * @param  list<string>  $relays
     * @return array{add: list<string>, accepted: int, weakest: float, open: list<string>}
     */
    private function tried(Protocol $protocol, array $nodes, array $links, array $relays): array
    {
        $report = MeshJudge::judge($this->graph($protocol, $nodes, $links, $relays), 12.0);
        $open = [];
        $weakest = 0.0;
        foreach ($report->nodes as $node) {
            if (! in_array($node->id, $relays, true)) {
                $weakest += $node->weakestDb ?? 0.0;
                if ($node->verdict !== Verdict::Accepted) {
                    $open[] = $node->id;
                }
            }
        }

        return ['add' => $relays, 'accepted' => count($nodes) - 1 - count($open), 'weakest' => $weakest, 'open' => $open];
    }

    /**
     * @param  list<string>  $of
     * @return list<list<string>>
     */
    private static function sets(array $of, int $most): array
    {
        $sets = [[]];
        foreach ($of as $one) {
            foreach ($sets as $set) {
                if (count($set) < $most) {
                    $sets[] = [...$set, $one];
                }
            }
        }

        return $sets;
    }
}
