<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Mesh;

use Kavvel\Core\Mesh\Graph;
use Kavvel\Core\Mesh\Link;
use Kavvel\Core\Mesh\LinkDrift;
use Kavvel\Core\Mesh\MeshJudge;
use Kavvel\Core\Mesh\Node;
use Kavvel\Core\Mesh\Role;
use Kavvel\Core\Mesh\VerdictChange;
use Kavvel\Core\Protocol\Protocol;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Two or more readings of one radio: what changed, by how much, since when. */
final class OverTimeTest extends TestCase
{
    public function test_devices_that_got_worse_stand_first_and_those_that_stayed_are_not_told(): void
    {
        $before = $this->graph(['a' => 20, 'b' => 20, 'c' => 8, 'd' => 20, 'gone' => 20, 'e' => 8]);
        $now = $this->graph(['a' => 20, 'b' => 8, 'c' => 20, 'd' => 3, 'new' => 8, 'e' => 3]);
        $changes = VerdictChange::between(MeshJudge::judge($before), MeshJudge::judge($now));

        self::assertSame([
            'd accepted lost', 'e thin lost', 'b accepted thin', 'gone accepted ', 'new  thin', 'c thin accepted',
        ], array_map(static fn (VerdictChange $one): string => "{$one->id} {$one->before?->value} {$one->now?->value}", $changes));
        self::assertSame(
            [true, true, true, false, false, false],
            array_map(static fn (VerdictChange $one): bool => $one->isWorse(), $changes),
        );
        self::assertSame(
            [false, false, false, false, false, true],
            array_map(static fn (VerdictChange $one): bool => $one->isBetter(), $changes),
        );
    }

    /**
     * @param  list<float|null>  $margins  in each reading; null: it has no such link
     * @param  array{float, float|null, int}|null  $wanted  from, now, since
     */
    #[DataProvider('histories')]
    public function test_a_link_that_gets_worse_says_by_how_much_and_since_when(array $margins, ?array $wanted): void
    {
        $drifts = LinkDrift::over(array_map(fn (?float $margin): Graph => $this->graph(['plug' => $margin], true), $margins));

        self::assertSame(
            $wanted === null ? [] : [$wanted],
            array_map(static fn (LinkDrift $one): array => [$one->fromDb, $one->nowDb, $one->since], $drifts),
        );
    }

    /** @return iterable<string, array{list<float|null>, array{float, float|null, int}|null}> */
    public static function histories(): iterable
    {
        yield 'the first reading' => [[20.0], null];
        yield 'none' => [[], null];
        yield 'within the noise' => [[20.0, 16.0], null];
        yield 'beyond it' => [[20.0, 15.9], [20.0, 15.9, 1]];
        yield 'little by little' => [[20.0, 17.0, 14.0, 11.0], [20.0, 11.0, 2]];
        yield 'it was mended' => [[20.0, 8.0, 19.0], null];
        yield 'worse again' => [[20.0, 8.0, 19.0, 9.0], [20.0, 9.0, 3]];
        yield 'better than ever, then worse' => [[20.0, 30.0, 24.0], [30.0, 24.0, 2]];
        yield 'it is gone' => [[20.0, null], [20.0, null, 1]];
        yield 'gone for a time' => [[20.0, null, 20.0], null];
        yield 'it has come' => [[null, 20.0], null];
        yield 'come, and worse' => [[null, 20.0, 10.0], [20.0, 10.0, 2]];
    }

    public function test_what_a_sensor_is_not_heard_by_today_says_nothing(): void
    {
        $nodes = [new Node('hub', Role::Root), new Node('probe', Role::End)];
        $graph = static fn (?float $margin): Graph => new Graph(
            Protocol::Zigbee,
            $nodes,
            $margin === null ? [] : [new Link('probe', 'hub', $margin)],
            'hub',
        );

        self::assertSame([], LinkDrift::over([$graph(20), $graph(null)]));
        self::assertCount(1, LinkDrift::over([$graph(20), $graph(null), $graph(9)]));
    }

    public function test_links_of_what_is_no_more_are_not_told_and_the_worst_stands_first(): void
    {
        $drifts = LinkDrift::over([
            $this->graph(['a' => 30, 'b' => 30, 'c' => 30, 'old' => 30], true), $this->graph(['a' => 20, 'b' => 12, 'c' => null], true),
        ]);

        self::assertSame(['c', 'b', 'a'], array_map(static fn (LinkDrift $one): string => $one->a, $drifts));
        self::assertSame([INF, 18.0, 10.0], array_map(static fn (LinkDrift $one): float => $one->lostDb(), $drifts));
        self::assertSame('hub', $drifts[0]->b);
    }

    public function test_what_nobody_hears_any_more_is_told_itself_and_not_by_its_links(): void
    {
        self::assertSame([], LinkDrift::over([$this->graph(['plug' => 30, 'b' => 20]), $this->graph(['plug' => null, 'b' => 20])]));
    }

    public function test_the_worse_direction_counts(): void
    {
        $nodes = [new Node('hub', Role::Root), new Node('plug', Role::Router)];
        $drifts = LinkDrift::over([
            new Graph(Protocol::Zigbee, $nodes, [new Link('hub', 'plug', 20, 22)], 'hub'),
            new Graph(Protocol::Zigbee, $nodes, [new Link('plug', 'hub', 25, 9)], 'hub'),
        ]);

        self::assertSame([20.0, 9.0], [$drifts[0]->fromDb, $drifts[0]->nowDb]);
    }

    /** @param array<string, float|int|null> $routers  margin of each to the hub; null: no link */
    private function graph(array $routers, bool $withNeighbour = false): Graph
    {
        $nodes = [new Node('hub', Role::Root)];
        $links = [];
        foreach ($routers as $id => $margin) {
            $nodes[] = new Node($id, Role::Router);
            if ($margin !== null) {
                $links[] = new Link($id, 'hub', $margin);
            }
        }

        foreach ($withNeighbour ? array_keys($routers) : [] as $id) {
            $nodes[] = new Node("{$id} neighbour", Role::Router);
            array_push($links, new Link("{$id} neighbour", $id, 20), new Link("{$id} neighbour", 'hub', 20));
        }

        return new Graph(Protocol::Zigbee, $nodes, $links, 'hub');
    }
}
