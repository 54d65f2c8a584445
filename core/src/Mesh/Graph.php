<?php

declare(strict_types=1);

namespace Kavvel\Core\Mesh;

use Kavvel\Core\Input\InvalidInput;
use Kavvel\Core\Protocol\Protocol;
use Kavvel\Core\Protocol\RouteRule;

/** A network: its nodes, its one root and its links, checked once. Nodes are numbered in order of id. */
final readonly class Graph
{
    /** @var list<Node> in order of id */
    public array $nodes;

    /** @var list<Link> */
    public array $links;

    public int $root;

    /** How the protocol prices links and bounds paths */
    public RouteRule $rule;

    /** @var list<list<array{int, float}>> per node: neighbour and worse margin, of links that the protocol would use */
    public array $neighbours;

    /**
     * @param  list<Node>  $nodes
     * @param  list<Link>  $links
     *
     * @throws InvalidInput on ids that stand twice or are unknown, on a link to itself or named twice, without one root
     */
    public function __construct(public Protocol $protocol, array $nodes, array $links, string $rootId)
    {
        $this->rule = $protocol->rules()->paths() ?? throw NoMesh::over($protocol);
        foreach (self::repeated(array_map(static fn (Node $node): string => $node->id, $nodes)) as $at => $id) {
            throw InvalidInput::duplicateId($id, "\$.nodes[{$at}].id");
        }
        foreach ($nodes as $at => $node) {
            if (($node->role === Role::Root) !== ($node->id === $rootId)) {
                throw UnsoundGraph::rootIsNoRoot($node->id, "\$.nodes[{$at}].role");
            }
        }
        usort($nodes, static fn (Node $a, Node $b): int => strcmp($a->id, $b->id));
        $numbers = [];
        foreach ($nodes as $number => $node) {
            $numbers['id '.$node->id] = $number;
        }
        $this->root = $numbers['id '.$rootId] ?? throw InvalidInput::unknownId($rootId, '$.root');
        $this->nodes = $nodes;
        $this->links = $links;
        $this->neighbours = self::adjacency($this->rule, $links, $numbers, count($nodes));
    }

    /** Whether a path may lead on through this node. The root always carries; a relay that can vanish only where that is asked. */
    public function carries(int $node, bool $overRemovable): bool
    {
        return $node === $this->root || ($this->nodes[$node]->relays() && ($overRemovable || ! $this->nodes[$node]->removable));
    }

    /** @return list<Link> links that touch this node, whatever their margin */
    public function linksOf(string $id): array
    {
        return array_values(array_filter($this->links, static fn (Link $link): bool => $link->a === $id || $link->b === $id));
    }

    /**
     * The same network with one more node and its links.
     *
     * @param  list<Link>  $links
     */
    public function with(Node $node, array $links): self
    {
        return new self($this->protocol, [...$this->nodes, $node], [...$this->links, ...$links], $this->nodes[$this->root]->id);
    }

    /**
     * The same nodes with other links.
     *
     * @param  list<Link>  $links
     */
    public function withLinks(array $links): self
    {
        return new self($this->protocol, $this->nodes, $links, $this->nodes[$this->root]->id);
    }

    /**
     * The same network without some of its nodes, but for its root, and without their links.
     *
     * @param  list<string>  $ids
     */
    public function without(array $ids): self
    {
        $root = $this->nodes[$this->root]->id;
        $gone = array_diff($ids, [$root]);
        $stays = static fn (string $id): bool => ! in_array($id, $gone, true);

        return new self(
            $this->protocol,
            array_values(array_filter($this->nodes, static fn (Node $node): bool => $stays($node->id))),
            array_values(array_filter($this->links, static fn (Link $link): bool => $stays($link->a) && $stays($link->b))),
            $root,
        );
    }

    /**
     * The same network in which the root has other links: it stands elsewhere.
     *
     * @param  list<Link>  $links
     */
    public function withRootLinks(array $links): self
    {
        $root = $this->nodes[$this->root]->id;
        $others = array_filter($this->links, static fn (Link $link): bool => $link->a !== $root && $link->b !== $root);

        return new self($this->protocol, $this->nodes, [...array_values($others), ...$links], $root);
    }

    /**
     * @param  list<string>  $ids
     * @return array<int, string> position and id of the first that stood before
     */
    private static function repeated(array $ids): array
    {
        $seen = [];
        foreach ($ids as $at => $id) {
            if (isset($seen['id '.$id])) {
                return [$at => $id];
            }
            $seen['id '.$id] = true;
        }

        return [];
    }

    /**
     * @param  list<Link>  $links
     * @param  array<string, int>  $numbers
     * @return list<list<array{int, float}>>
     */
    private static function adjacency(RouteRule $rule, array $links, array $numbers, int $count): array
    {
        $neighbours = array_fill(0, $count, []);
        $seen = [];
        foreach ($links as $at => $link) {
            $a = $numbers['id '.$link->a] ?? throw InvalidInput::unknownId($link->a, "\$.links[{$at}].a");
            $b = $numbers['id '.$link->b] ?? throw InvalidInput::unknownId($link->b, "\$.links[{$at}].b");
            if ($a === $b) {
                throw UnsoundGraph::selfLink($link->a, "\$.links[{$at}]");
            }
            $pair = min($a, $b).'-'.max($a, $b);
            if (isset($seen[$pair])) {
                throw UnsoundGraph::duplicateLink($link->a, $link->b, "\$.links[{$at}]");
            }
            $seen[$pair] = true;
            if ($rule->linkCost($link->worseDb()) !== null) {
                $neighbours[$a][] = [$b, $link->worseDb()];
                $neighbours[$b][] = [$a, $link->worseDb()];
            }
        }

        return $neighbours;
    }
}
