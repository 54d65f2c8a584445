<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Mesh;

use DateTimeImmutable;
use Kavvel\Core\Input\InvalidInput;
use Kavvel\Core\Mesh\GraphMlReader;
use Kavvel\Core\Mesh\GraphMlWriter;
use Kavvel\Core\Mesh\Link;
use Kavvel\Core\Mesh\MeshFile;
use Kavvel\Core\Mesh\MeshFileNode;
use Kavvel\Core\Mesh\Role;
use Kavvel\Core\Protocol\Protocol;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class GraphMlTest extends TestCase
{
    public function test_a_reading_comes_back_as_it_went(): void
    {
        $file = new MeshFile(
            Protocol::Thread,
            [
                new MeshFileNode('gateway', Role::Root, 'Hub'), new MeshFileNode('02A7', Role::Router, 'Plug <1> & "2"', 'Keeper’s room'),
                new MeshFileNode('7', Role::End),
            ],
            [new Link('gateway', '02A7', 23.25, 20.0), new Link('7', '02A7', -3.5, null)],
            [1],
            new DateTimeImmutable('2026-11-20T09:30:00Z'),
        );
        $back = GraphMlReader::read(GraphMlWriter::write($file));

        self::assertEquals($file, $back);
    }

    public function test_another_program_may_number_its_keys_and_leave_out_what_it_does_not_know(): void
    {
        $file = GraphMlReader::read(<<<'XML'
            <?xml version="1.0"?>
            <graphml xmlns="http://graphml.graphdrawing.org/xmlns">
              <key id="d0" for="edge" attr.name="marginDb" attr.type="double"/>
              <key id="d1" for="node" attr.name="role" attr.type="string"/>
              <key id="d2" for="node" attr.name="colour" attr.type="string"/>
              <graph id="zigbee" edgedefault="undirected">
                <node id="gateway"/><node id="a"><data key="d1"> router </data><data key="d2">red</data></node><node id="b"/>
                <edge source="a" target="gateway"><data key="d0">12</data></edge>
              </graph>
            </graphml>
            XML);

        self::assertSame([Role::Root, Role::Router, Role::End], array_map(static fn (MeshFileNode $one): Role => $one->role, $file->nodes));
        self::assertEquals([new Link('a', 'gateway', 12.0)], $file->links);
        self::assertSame([0], $file->oneWay);
        self::assertNull($file->readAt);
    }

    #[DataProvider('broken')]
    public function test_what_can_not_be_used_says_where(string $inside, string $at): void
    {
        try {
            GraphMlReader::read(str_starts_with($inside, '<graph') ? "<graphml>{$inside}</graphml>" : $inside);
            self::fail('It was taken.');
        } catch (InvalidInput $refused) {
            self::assertSame($at, $refused->at);
        }
    }

    /** @return iterable<string, array{string, string}> */
    public static function broken(): iterable
    {
        $graph = static fn (string $inside): string => "<graph id=\"zigbee\"><node id=\"gateway\"/><node id=\"a\"/>{$inside}</graph>";
        $good = '<edge source="a" target="gateway"><data key="marginDb">9</data></edge>';
        $edge = static fn (string $margin): string => $graph(str_replace('9', $margin, $good));
        yield 'nothing' => ['', 'the file'];
        yield 'no XML' => ['links: none', 'line 1'];
        yield 'cut off' => ["<graphml>\n<graph id=\"zigbee\">", 'line 2'];
        yield 'another kind' => ['<gexf/>', 'the file'];
        yield 'a document type' => ['<!DOCTYPE graphml [<!ENTITY x SYSTEM "file:///etc/passwd">]><graphml>&x;</graphml>', 'the file'];
        yield 'no graph' => ['<graphml/>', 'graph'];
        yield 'no radio' => ['<graph id="G"/>', 'graph, protocol'];
        yield 'light' => ['<graph id="ir"/>', 'graph, protocol'];
        yield 'no hub' => ['<graph id="zigbee"><node id="a"/></graph>', 'node with the id “gateway”, the hub'];
        yield 'a node twice' => [$graph('<node id="a"/>'), 'node 3'];
        yield 'a node without an id' => [$graph('<node/>'), 'node 3, id'];
        yield 'an id without end' => [$graph('<node id="'.str_repeat('a', 41).'"/>'), 'node 3, id'];
        yield 'another root' => [$graph('<node id="b"><data key="role">root</data></node>'), 'node 3, role'];
        yield 'a role of its own' => [$graph('<node id="b"><data key="role">king</data></node>'), 'node 3, role'];
        yield 'an edge to nobody' => [$graph('<edge source="a" target="b"/>'), 'edge 1'];
        yield 'an edge to itself' => [$graph('<edge source="a" target="a"/>'), 'edge 1'];
        yield 'an edge twice' => [$graph($good.'<edge source="gateway" target="a"/>'), 'edge 2'];
        yield 'no margin' => [$graph('<edge source="a" target="gateway"/>'), 'edge 1, marginDb'];
        yield 'a margin in words' => [$edge('good'), 'edge 1, marginDb'];
        yield 'a margin beyond all' => [$edge('301'), 'edge 1, marginDb'];
        yield 'a margin back in words' => [
            $graph(str_replace('</edge>', '<data key="marginBackDb">x</data></edge>', $good)), 'edge 1, marginBackDb',
        ];
        yield 'no such day' => ['<graph id="zigbee"><data key="readAt">yesterday</data><node id="gateway"/></graph>', 'graph, readAt'];
        yield 'too many nodes' => [
            $graph(implode('', array_map(static fn (int $i): string => "<node id=\"n{$i}\"/>", range(1, 2000)))), 'graph',
        ];
        yield 'a file without end' => ['<graphml>'.str_repeat(' ', 5_000_000).'</graphml>', 'the file'];
    }
}
