<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Mesh;

use Kavvel\Core\Mesh\Graph;
use Kavvel\Core\Mesh\Link;
use Kavvel\Core\Mesh\MeshJudge;
use Kavvel\Core\Mesh\Node;
use Kavvel\Core\Mesh\Role;
use Kavvel\Core\Protocol\Protocol;
use PHPUnit\Framework\TestCase;

/** What a network as a whole may not have too many of. */
final class MeshNotesTest extends TestCase
{
    public function test_thread_keeps_thirty_two_routers_active(): void
    {
        self::assertSame([], $this->notes(Protocol::Thread, 32, Role::Router));
        self::assertSame(['33 devices could route; Thread keeps 32 of them active.'], $this->notes(Protocol::Thread, 33, Role::Router));
    }

    public function test_a_classic_z_wave_mesh_holds_232_devices(): void
    {
        self::assertSame([], $this->notes(Protocol::ZWave, 232, Role::Router));
        self::assertSame(['233 devices are more than the 232 of one Z-Wave mesh.'], $this->notes(Protocol::ZWave, 233, Role::Router));
    }

    public function test_a_parent_holds_as_many_sleepy_children_as_it_can(): void
    {
        self::assertSame([], $this->notes(Protocol::Zigbee, 32, Role::End));
        self::assertSame(['“hub” has 33 sleepy children and room for 32.'], $this->notes(Protocol::Zigbee, 33, Role::End));
    }

    public function test_a_profile_sets_the_capacity_of_its_own(): void
    {
        $nodes = [
            new Node('hub', Role::Root), new Node('r', Role::Router, capacity: 1), new Node('a', Role::End), new Node('b', Role::End),
        ];
        $links = [new Link('hub', 'r', 30), new Link('r', 'a', 30), new Link('r', 'b', 30)];

        self::assertSame(
            ['“r” has 2 sleepy children and room for 1.'],
            MeshJudge::judge(new Graph(Protocol::Zigbee, $nodes, $links, 'hub'))->notes,
        );
    }

    public function test_a_sleepy_device_is_nobodys_parent(): void
    {
        $room = static fn (Role $role): int => (new Node('x', $role))->childCapacity();

        self::assertSame([32, 10, 0], array_map($room, [Role::Root, Role::Router, Role::End]));
    }

    public function test_a_zigbee_path_of_more_than_five_hops_is_noted(): void
    {
        $nodes = [new Node('hub', Role::Root)];
        $links = [];
        for ($i = 1; $i <= 6; $i++) {
            $nodes[] = new Node("n{$i}", Role::Router);
            $links[] = new Link($i === 1 ? 'hub' : 'n'.($i - 1), "n{$i}", 30);
        }

        self::assertSame(['“n6” is 6 hops from the root.'], MeshJudge::judge(new Graph(Protocol::Zigbee, $nodes, $links, 'hub'))->notes);
    }

    /** @return list<string> of a star around the hub */
    private function notes(Protocol $protocol, int $count, Role $role): array
    {
        $nodes = [new Node('hub', Role::Root)];
        $links = [];
        for ($i = 0; $i < $count; $i++) {
            $nodes[] = new Node("n{$i}", $role);
            $links[] = new Link('hub', "n{$i}", 30);
        }

        return MeshJudge::judge(new Graph($protocol, $nodes, $links, 'hub'))->notes;
    }
}
