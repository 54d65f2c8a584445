<?php

declare(strict_types=1);

namespace App\Stations\Mesh;

use App\JobSheet\JobSheet;
use App\JobSheet\SlotCard;
use App\Models\MeshReading;
use App\Radio\FreeMainsPoints;
use App\Radio\MeasuredMesh;
use Illuminate\Support\Facades\Cache;
use Kavvel\Core\Coverage\RadioEnd;
use Kavvel\Core\Coverage\RadioPlan;
use Kavvel\Core\Coverage\RelaySearch;
use Kavvel\Core\Mesh\NodeJudgement;
use Kavvel\Core\Mesh\NoMesh;
use Kavvel\Core\Mesh\Role;
use Kavvel\Core\Radio\Transceiver;
use LogicException;

/** Which one relay makes each thin or lost device accepted. Kept per mesh reading, version of the plan and devices that are in. */
final readonly class Relays
{
    private const KEPT_SECONDS = 3600;

    /**
     * @return array<string, list<Remedy>> by slot: a relay of the plan first, then a new one; a device that no single
     *                                     relay helps is left out
     */
    public function advise(JobSheet $sheet, MeasuredMesh $mesh, MeshReading $reading): array
    {
        $open = array_map(static fn (NodeJudgement $node): string => $node->id, $mesh->report->unaccepted([]));
        if ($open === [] || $reading->protocol->rules()->routes() === null) {
            return [];
        }
        $in = array_keys(array_filter($sheet->ofProtocol($reading->protocol), static fn (SlotCard $card): bool => $card->isIn()));

        return Cache::remember(
            "relays.{$reading->id}.{$sheet->job->plan_version}.".md5(implode(' ', $in)),
            self::KEPT_SECONDS,
            fn (): array => $this->search($sheet, $mesh, $reading, $open),
        );
    }

    /**
     * @param  list<string>  $open
     * @return array<string, list<Remedy>>
     */
    private function search(JobSheet $sheet, MeasuredMesh $mesh, MeshReading $reading, array $open): array
    {
        $building = $sheet->geometry->building();
        $radio = Transceiver::of($reading->protocol, $sheet->job->region) ?? throw NoMesh::over($reading->protocol);
        $hub = $sheet->hub($reading->gateway_id) ?? throw new LogicException('A mesh reading belongs to a hub of its job.');
        $ends = $sheet->radioEnds($sheet->ofProtocol($reading->protocol), $building);
        $members = array_intersect_key($ends, array_column($mesh->graph->nodes, 'id', 'id'));
        $planned = array_filter(
            array_diff_key($ends, $members),
            static fn (RadioEnd $end): bool => $end->role === Role::Router && ! $end->removable,
        );
        $gateway = new RadioEnd(MeasuredMesh::ROOT, $hub->place(), $radio, 0.0, Role::Root);
        $plan = new RadioPlan($building, $sheet->clutter());
        $network = [$gateway, ...array_values($members)];
        $ofPlan = RelaySearch::over(array_values($planned), $network, $mesh->graph, $plan, $sheet->job->acceptance_db);
        $ofPoints = RelaySearch::over(
            FreeMainsPoints::places($sheet, $radio),
            $network,
            $mesh->graph,
            $plan,
            $sheet->job->acceptance_db,
        );
        $remedies = [];
        foreach (array_intersect_key($members, array_flip($open)) as $key => $device) {
            $pairing = $ofPlan->for($device);
            $pluggingIn = $ofPoints->for($device);
            $remedies[$key] = array_values(array_filter([
                $pairing === null ? null : Remedy::pairing($sheet, $pairing),
                $pluggingIn === null ? null : Remedy::pluggingIn($sheet, $pluggingIn),
            ]));
        }

        return array_filter($remedies);
    }
}
