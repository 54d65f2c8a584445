<?php

declare(strict_types=1);

namespace App\Radio;

use App\JobSheet\JobSheet;
use Kavvel\Core\Coverage\RadioEnd;
use Kavvel\Core\Coverage\RadioPlan;
use Kavvel\Core\Coverage\Rebuilt;
use Kavvel\Core\Floorplan\Construction;
use Kavvel\Core\Mesh\Graph;
use Kavvel\Core\Mesh\MeshReport;
use Kavvel\Core\Mesh\Node;
use Kavvel\Core\Mesh\NodeJudgement;
use Kavvel\Core\Mesh\Role;
use Kavvel\Core\Mesh\Verdict;
use Kavvel\Core\Mesh\VerdictChange;
use Kavvel\Core\Radio\Transceiver;

/** A mesh that was read, as it would be with changes: measured links stay, those of what is new or moved are forecast. */
final readonly class WhatIf
{
    /**
     * @param  list<TriedChange>  $changes  those of them that can be tried
     * @param  list<VerdictChange>  $effects  on what stays, the worse first
     * @param  int  $rerouted  devices that take another way, and stand as they did
     */
    private function __construct(
        public array $changes,
        public MeshReport $now,
        public MeasuredMesh $then,
        public array $effects,
        public int $rerouted,
    ) {}

    /** @param list<TriedChange> $asked */
    public static function of(JobSheet $sheet, JudgedReading $one, array $asked): self
    {
        $now = $one->mesh;
        $ends = ReadOnPlan::ends($sheet, $one);
        $root = $ends[MeasuredMesh::ROOT] ?? null;
        $plan = new RadioPlan($sheet->geometry->building(), $sheet->clutter());
        $walls = self::walls($sheet, $asked);
        $rebuilt = $walls === [] ? $plan : new RadioPlan($sheet->geometry->buildingWith($walls), $sheet->clutter());
        $free = $root === null ? [] : self::free($sheet, $root->radio);
        $graph = $walls === [] ? $now->graph : Rebuilt::heard($now->graph, $ends, $plan, $rebuilt);
        $plan = $rebuilt;
        $changes = array_values(array_filter($asked, static fn (TriedChange $change): bool => $change->as !== null
            && isset($walls[$change->key])));
        $off = [];
        foreach (self::inOrder($asked) as $change) {
            $place = $free[$change->key] ?? null;
            if ($change->kind === 'off' && $now->report->node($change->key) !== null) {
                $graph = $graph->without([$change->key]);
                $off[] = $change->key;
            } elseif ($change->kind === 'relay' && $place !== null) {
                $graph = $graph->with(new Node($place->key, Role::Router), $plan->links($place, self::present($graph, $ends)));
                $ends[$place->key] = $place;
            } elseif ($change->kind === 'hub' && $place !== null && $root !== null) {
                $moved = new RadioEnd($root->key, $place->position, $root->radio, 0.0, Role::Root);
                $graph = $graph->withRootLinks($plan->links($moved, self::present($graph, array_diff_key($ends, [$root->key => true]))));
                $ends[$root->key] = $moved;
            } else {
                continue;
            }
            $changes[] = $change;
        }
        $then = $now->tried($graph);
        $stays = static fn (VerdictChange $one): bool => ! in_array($one->id, $off, true)
            && ! str_starts_with($one->id, FreeMainsPoints::PREFIX);

        return new self(
            $changes,
            $now->report,
            $then,
            array_values(array_filter(VerdictChange::between($now->report, $then->report), $stays)),
            self::rerouted($now->report, $then->report),
        );
    }

    /** How many of those that are there now would stand so: what is new is none of them. */
    public function count(Verdict $verdict): int
    {
        return count(array_filter(
            $this->then->report->with($verdict),
            static fn (NodeJudgement $node): bool => ! str_starts_with($node->id, FreeMainsPoints::PREFIX),
        ));
    }

    /**
     * @param  list<TriedChange>  $asked
     * @return array<string, Construction> of walls that there are, by key
     */
    private static function walls(JobSheet $sheet, array $asked): array
    {
        $known = array_column($sheet->geometry->walls, 'key', 'key');
        $walls = [];
        foreach ($asked as $change) {
            if ($change->as !== null && isset($known[$change->key])) {
                $walls[$change->key] = $change->as;
            }
        }

        return $walls;
    }

    /** @return array<string, RadioEnd> places with mains where nothing is, by the key of the point */
    private static function free(JobSheet $sheet, Transceiver $radio): array
    {
        $free = [];
        foreach (FreeMainsPoints::places($sheet, $radio) as $place) {
            $free[substr($place->key, strlen(FreeMainsPoints::PREFIX))] = $place;
        }

        return $free;
    }

    /**
     * Walls and the hub first, so that what is added hears it where it stands then.
     *
     * @param  list<TriedChange>  $changes
     * @return list<TriedChange>
     */
    private static function inOrder(array $changes): array
    {
        $order = ['wall' => 0, 'hub' => 1, 'relay' => 2, 'off' => 3];
        usort($changes, static fn (TriedChange $a, TriedChange $b): int => $order[$a->kind] <=> $order[$b->kind]);

        return $changes;
    }

    /**
     * @param  array<string, RadioEnd>  $ends
     * @return list<RadioEnd> of those that are still in the network
     */
    private static function present(Graph $graph, array $ends): array
    {
        return array_values(array_intersect_key($ends, array_column($graph->nodes, 'id', 'id')));
    }

    private static function rerouted(MeshReport $now, MeshReport $then): int
    {
        return count(array_filter($then->nodes, static function (NodeJudgement $node) use ($now): bool {
            $before = $now->node($node->id);

            return $before !== null && $before->verdict === $node->verdict && $before->path !== $node->path;
        }));
    }
}
