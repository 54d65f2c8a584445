<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Mesh;

use Kavvel\Core\Mesh\Graph;
use Kavvel\Core\Mesh\Link;
use Kavvel\Core\Mesh\MeshJudge;
use Kavvel\Core\Mesh\Node;
use Kavvel\Core\Mesh\Role;
use Kavvel\Core\Mesh\Verdict;
use Kavvel\Core\Protocol\Protocol;
use PHPUnit\Framework\TestCase;

/** A network as it would be: without some of it, or with its root elsewhere. */
final class WhatIfTest extends TestCase
{
    public function test_what_hung_on_a_router_that_is_not_there_is_lost_and_nothing_else_changes(): void
    {
        $graph = $this->graph();
        $without = $graph->without(['plug']);

        self::assertSame(['hub', 'lamp', 'probe'], array_map(static fn (Node $node): string => $node->id, $without->nodes));
        self::assertEquals([new Link('hub', 'lamp', 25)], $without->links);
        self::assertSame(Verdict::Lost, MeshJudge::judge($without)->node('probe')?->verdict);
        self::assertSame(Verdict::Accepted, MeshJudge::judge($graph)->node('probe')?->verdict, 'the network itself stays as it was');
    }

    public function test_the_root_always_stays(): void
    {
        self::assertEquals($this->graph(), $this->graph()->without(['hub', 'nobody']));
    }

    public function test_a_root_that_stands_elsewhere_has_other_links(): void
    {
        $moved = $this->graph()->withRootLinks([new Link('hub', 'probe', 30), new Link('lamp', 'hub', 4)]);

        self::assertSame(['probe', 'hub'], MeshJudge::judge($moved)->node('probe')?->path);
        self::assertSame(Verdict::Lost, MeshJudge::judge($moved)->node('lamp')?->verdict);
        self::assertCount(3, $moved->links);
    }

    private function graph(): Graph
    {
        return new Graph(Protocol::Zigbee, [
            new Node('hub', Role::Root), new Node('plug', Role::Router), new Node('probe', Role::End), new Node('lamp', Role::End),
        ], [new Link('hub', 'plug', 30), new Link('plug', 'probe', 20), new Link('hub', 'lamp', 25)], 'hub');
    }
}
