<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Mesh;

use Kavvel\Core\Mesh\Finding;
use Kavvel\Core\Mesh\FindingKind;
use Kavvel\Core\Mesh\Graph;
use Kavvel\Core\Mesh\Link;
use Kavvel\Core\Mesh\MeshJudge;
use Kavvel\Core\Mesh\MeshReport;
use Kavvel\Core\Mesh\Node;
use Kavvel\Core\Mesh\Role;
use Kavvel\Core\Protocol\Protocol;
use PHPUnit\Framework\TestCase;

final class FindingTest extends TestCase
{
    public function test_who_is_stranded_comes_before_all_and_vital_ones_first(): void
    {
        $report = $this->report([
            new Link('hub', 'r1', 30), new Link('r1', 'a', 30), new Link('r1', 'b', 30),
            new Link('hub', 'r2', 30), new Link('r2', 'lock', 30), new Link('hub', 'c', 9),
        ]);
        $all = Finding::all($report, ['lock']);

        self::assertSame([['r2'], ['r1']], [$all[0]->ids, $all[1]->ids]);
        self::assertSame([FindingKind::SinglePoint, ['lock'], true], [$all[0]->kind, $all[0]->dependants, $all[0]->harmsVital()]);
        self::assertFalse($all[1]->harmsVital());
        self::assertSame(['a', 'b'], $all[1]->dependants);
        self::assertSame(['r1', 'r2'], [Finding::all($report, [])[0]->ids[0], Finding::all($report, [])[1]->ids[0]], 'two before one');
    }

    public function test_a_weak_link_says_who_goes_over_it_and_one_that_nobody_uses_comes_last(): void
    {
        $report = $this->report([
            new Link('hub', 'r1', 9), new Link('hub', 'a', 30), new Link('r1', 'a', 30, 22), new Link('hub', 'b', 30, 20),
        ]);
        $all = Finding::all($report, []);

        self::assertSame([FindingKind::WeakLink, ['hub', 'r1'], ['r1'], 9.0], [
            $all[0]->kind, $all[0]->ids, $all[0]->dependants, $all[0]->db,
        ]);
        $uneven = array_values(array_filter($all, static fn (Finding $one): bool => $one->kind === FindingKind::Uneven))[0];
        self::assertSame([['b'], 10.0, false], [$uneven->dependants, $uneven->db, $uneven->isIdle()]);
        self::assertFalse($all[0]->isIdle());
        $last = $all[count($all) - 1];
        self::assertSame([['r1', 'a'], true], [$last->ids, $last->isIdle()]);
    }

    public function test_a_relay_that_can_be_unplugged_says_who_goes_through_it(): void
    {
        $report = $this->report([new Link('hub', 'r1', 30), new Link('r1', 'a', 30), new Link('hub', 'a', 3)], removable: ['r1']);
        $kinds = array_map(static fn (Finding $one): array => [$one->kind, $one->dependants], Finding::all($report, []));

        self::assertContains([FindingKind::Removable, ['a']], $kinds);
    }

    public function test_a_router_with_one_way_that_nobody_uses_is_told_all_the_same(): void
    {
        $all = Finding::all($this->report([new Link('hub', 'r1', 30)]), []);

        self::assertSame([FindingKind::OneWay, [], false], [$all[0]->kind, $all[0]->dependants, $all[0]->isIdle()]);
    }

    public function test_the_weakest_of_its_kind_comes_first(): void
    {
        $all = Finding::all($this->report([new Link('hub', 'a', 9), new Link('hub', 'b', 4), new Link('hub', 'c', 7)]), []);

        self::assertSame([4.0, 7.0, 9.0], array_map(static fn (Finding $one): ?float => $one->db, $all));
    }

    public function test_nothing_is_wrong_with_a_good_one(): void
    {
        self::assertSame([], Finding::all($this->report([new Link('hub', 'a', 30)]), []));
    }

    /**
     * @param  list<Link>  $links
     * @param  list<string>  $removable
     */
    private function report(array $links, array $removable = []): MeshReport
    {
        $ids = [];
        foreach ($links as $link) {
            $ids = [...$ids, $link->a, $link->b];
        }
        $nodes = array_map(static fn (string $id): Node => new Node($id, match (true) {
            $id === 'hub' => Role::Root,
            $id[0] === 'r' => Role::Router,
            default => Role::End,
        }, in_array($id, $removable, true)), array_values(array_unique($ids)));

        return MeshJudge::judge(new Graph(Protocol::Zigbee, $nodes, $links, 'hub'));
    }
}
