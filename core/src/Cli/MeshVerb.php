<?php

declare(strict_types=1);

namespace Kavvel\Core\Cli;

use Kavvel\Core\Input\Input;
use Kavvel\Core\Mesh\Link;
use Kavvel\Core\Mesh\MeshJudge;
use Kavvel\Core\Mesh\NodeJudgement;
use Kavvel\Core\Mesh\SinglePoint;

final readonly class MeshVerb implements Verb
{
    public function answer(Input $input): array
    {
        $mesh = new MeshInput($input);
        $report = MeshJudge::judge($mesh->graph(), $mesh->acceptanceDb);

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
