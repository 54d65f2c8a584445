<?php

declare(strict_types=1);

namespace Kavvel\Core\Cli;

use Kavvel\Core\Input\Input;
use Kavvel\Core\Mesh\Graph;
use Kavvel\Core\Mesh\Link;
use Kavvel\Core\Mesh\Node;
use Kavvel\Core\Mesh\Role;
use Kavvel\Core\Protocol\Protocol;
use Kavvel\Core\Radio\Margin;

/** The network of `mesh`, which `relays` adds to. */
final readonly class MeshInput
{
    public Protocol $protocol;

    public string $root;

    public float $acceptanceDb;

    /** @var list<Node> */
    public array $nodes;

    /** @var list<Link> */
    public array $links;

    public function __construct(Input $input)
    {
        $this->protocol = Protocol::from($input->get('protocol')->word(array_column(Protocol::meshes(), 'value')));
        $this->nodes = array_map(self::node(...), $input->get('nodes')->items());
        $this->links = array_map(self::link(...), $input->get('links')->items());
        $this->root = $input->get('root')->id();
        $this->acceptanceDb = $input->find('acceptanceDb')?->number() ?? Margin::ACCEPTED_DB;
    }

    /**
     * @param  list<Node>  $more
     * @param  list<Link>  $moreLinks
     */
    public function graph(array $more = [], array $moreLinks = []): Graph
    {
        return new Graph($this->protocol, [...$this->nodes, ...$more], [...$this->links, ...$moreLinks], $this->root);
    }

    private static function node(Input $node): Node
    {
        return new Node(
            $node->get('id')->id(),
            Role::from($node->get('role')->word(array_column(Role::cases(), 'value'))),
            $node->find('removable')?->flag() ?? false,
            $node->find('capacity')?->wholeFrom(0),
        );
    }

    public static function link(Input $link): Link
    {
        return new Link(
            $link->get('a')->id(),
            $link->get('b')->id(),
            $link->get('marginDb')->number(),
            $link->find('marginBackDb')?->number(),
        );
    }
}
