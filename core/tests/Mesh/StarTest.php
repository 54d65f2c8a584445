<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Mesh;

use Kavvel\Core\Mesh\Graph;
use Kavvel\Core\Mesh\Link;
use Kavvel\Core\Mesh\MeshJudge;
use Kavvel\Core\Mesh\Node;
use Kavvel\Core\Mesh\NoMesh;
use Kavvel\Core\Mesh\Role;
use Kavvel\Core\Mesh\Verdict;
use Kavvel\Core\Protocol\Protocol;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Devices that hand nothing on, each judged by its own link. */
final class StarTest extends TestCase
{
    #[DataProvider('straight')]
    public function test_a_device_of_wifi_is_judged_by_its_own_link(float $marginDb, Verdict $verdict): void
    {
        $nodes = [new Node('hub', Role::Root), new Node('bell', Role::End)];
        $graph = new Graph(Protocol::Wifi, $nodes, [new Link('bell', 'hub', $marginDb)], 'hub');

        self::assertSame($verdict, MeshJudge::judge($graph, Protocol::Wifi->rules()->acceptedFromDb(12.0))->node('bell')?->verdict);
    }

    /** @return iterable<string, array{float, Verdict}> */
    public static function straight(): iterable
    {
        yield '-75 dBm' => [7.0, Verdict::Accepted];
        yield 'a little less' => [6.9, Verdict::Thin];
        yield 'less than thin' => [5.9, Verdict::Lost];
        yield 'not heard' => [1.9, Verdict::Lost];
    }

    public function test_a_good_way_over_a_relay_is_better_than_a_poor_one_straight_to_the_hub(): void
    {
        $way = fn (float $straight, float $toRelay): ?array => $this->pathOf([
            new Link('tank', 'hub', $straight), new Link('tank', 'relay', $toRelay), new Link('relay', 'hub', 60.0),
        ]);

        self::assertSame(['tank', 'relay', 'hub'], $way(8.0, 15.0));
        self::assertSame(['tank', 'hub'], $way(12.0, 25.0), 'both are good: the shorter');
        self::assertSame(['tank', 'hub'], $way(8.0, 8.0));
        self::assertSame(['tank', 'relay', 'hub'], $way(5.0, 8.0));
        self::assertSame(['tank', 'relay', 'hub'], $way(1.9, 2.0));
    }

    public function test_a_way_over_two_relays_is_none_that_counts(): void
    {
        $nodes = [
            new Node('hub', Role::Root), new Node('near', Role::Router), new Node('far', Role::Router), new Node('tank', Role::End),
        ];
        $links = [new Link('near', 'hub', 30.0), new Link('far', 'near', 30.0), new Link('tank', 'far', 30.0)];
        $judge = static fn (Protocol $protocol): ?Verdict => MeshJudge::judge(
            new Graph($protocol, $nodes, $links, 'hub'),
        )->node('tank')?->verdict;

        self::assertNotSame(Verdict::Accepted, $judge(Protocol::BluetoothLe));
        self::assertSame(Verdict::Accepted, $judge(Protocol::Zigbee));
    }

    public function test_every_radio_that_a_hub_could_read_has_a_rule_and_no_other_has(): void
    {
        self::assertSame(
            ['zigbee', 'zwave', 'thread', 'matter', 'wifi', 'bluetooth'],
            array_column(Protocol::readable(), 'value'),
        );
        self::assertSame(['zigbee', 'zwave', 'thread'], array_column(Protocol::meshes(), 'value'), 'what relays stays what it was');
        foreach ([Protocol::Zigbee, Protocol::ZWave, Protocol::Thread, Protocol::BluetoothLe] as $protocol) {
            self::assertSame(14.0, $protocol->rules()->acceptedFromDb(14.0));
        }
        self::assertSame(7.0, Protocol::Matter->rules()->acceptedFromDb(14.0));
        $this->expectException(NoMesh::class);
        new Graph(Protocol::Infrared, [], [], 'hub');
    }

    /**
     * @param  list<Link>  $links
     * @return list<string>|null
     */
    private function pathOf(array $links): ?array
    {
        $nodes = [new Node('hub', Role::Root), new Node('relay', Role::Router), new Node('tank', Role::End)];

        return MeshJudge::judge(new Graph(Protocol::BluetoothLe, $nodes, $links, 'hub'))->node('tank')?->path;
    }
}
