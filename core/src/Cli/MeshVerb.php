<?php

declare(strict_types=1);

namespace Kavvel\Core\Cli;

use Kavvel\Core\Input\Input;
use Kavvel\Core\Mesh\Graph;
use Kavvel\Core\Mesh\Link;
use Kavvel\Core\Mesh\MeshJudge;
use Kavvel\Core\Mesh\Node;
use Kavvel\Core\Mesh\NodeJudgement;
use Kavvel\Core\Mesh\Role;
use Kavvel\Core\Mesh\SinglePoint;
use Kavvel\Core\Protocol\Protocol;
use Kavvel\Core\Radio\Margin;

final readonly class MeshVerb implements Verb
{
    public function answer(Input $input): array
    {
        $protocol = Protocol::from($input->get('protocol')->word(array_column(Protocol::meshes(), 'value')));
        $graph = new Graph(
            $protocol,
            array_map($this->node(...), $input->get('nodes')->items()),
            array_map($this->link(...), $input->get('links')->items()),
            $input->get('root')->id(),
        );
        $report = MeshJudge::judge($graph, $input->find('acceptanceDb')?->number() ?? Margin::ACCEPTED_DB);

        return [
            'nodes' => array_map($this->judgement(...), $report->nodes),
            'singlePoints' => array_map(
                static fn (SinglePoint $point): array => ['id' => $point->id, 'strands' => $point->strands],
                $report->singlePoints,
            ),
            'weakLinks' => array_map(static fn (Link $link): array => [
                'a' => $link->a, 'b' => $link->b, 'marginDb' => Decibels::rounded($link->worseDb()),
            ], $report->weakLinks),
            'asymmetricLinks' => array_map(static fn (Link $link): array => [
                'a' => $link->a, 'b' => $link->b, 'differenceDb' => Decibels::rounded($link->differenceDb()),
            ], $report->asymmetricLinks),
            'removableInUse' => $report->removableInUse,
            'notes' => $report->notes,
            'oneWayRouters' => $report->oneWayRouters,
        ];
    }

    private function node(Input $node): Node
    {
        return new Node(
            $node->get('id')->id(),
            Role::from($node->get('role')->word(array_column(Role::cases(), 'value'))),
            $node->find('removable')?->flag() ?? false,
            $node->find('capacity')?->wholeFrom(0),
        );
    }

    private function link(Input $link): Link
    {
        return new Link(
            $link->get('a')->id(),
            $link->get('b')->id(),
            $link->get('marginDb')->number(),
            $link->find('marginBackDb')?->number(),
        );
    }

    /** @return array<string, mixed> */
    private function judgement(NodeJudgement $node): array
    {
        return [
            'id' => $node->id,
            'reachable' => $node->isReachable(),
            'path' => $node->path,
            'hops' => $node->hops,
            'cost' => $node->cost,
            'weakestDb' => $node->weakestDb === null ? null : Decibels::rounded($node->weakestDb),
            'disjointPaths' => $node->disjointPaths,
            'acceptedPaths' => $node->acceptedPaths,
            'possibleParents' => count($node->possibleParents),
            'possibleParentIds' => $node->possibleParents,
            'verdict' => $node->verdict->value,
        ];
    }
}
