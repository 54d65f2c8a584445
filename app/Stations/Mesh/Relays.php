<?php

declare(strict_types=1);

namespace App\Stations\Mesh;

use App\Models\RadioSurvey;
use App\Stations\JobSheet;
use App\Stations\Survey\Forecasts;
use Illuminate\Support\Facades\Cache;
use Kavvel\Core\Mesh\RelaySearch;
use Kavvel\Core\Mesh\Role;
use Kavvel\Core\Mesh\Verdict;
use Kavvel\Core\Radio\RadioEnd;
use Kavvel\Core\Radio\RadioPlan;
use Kavvel\Core\Radio\Transceiver;
use LogicException;

/**
 * Where one more relay makes each thin or lost device accepted. Kept per survey and version of the plan.
 *
 * @phpstan-import-type Remedy from FreeMains
 */
final readonly class Relays
{
    private const KEPT_SECONDS = 3600;

    public function __construct(private Forecasts $forecasts) {}

    /** @return array<string, Remedy> by slot; a device that no single relay helps is left out */
    public function advise(JobSheet $sheet, SurveyedMesh $mesh, RadioSurvey $survey): array
    {
        $open = [...$mesh->report->with(Verdict::Lost), ...$mesh->report->with(Verdict::Thin)];
        if ($open === []) {
            return [];
        }

        return Cache::remember(
            "relays.{$survey->id}.{$sheet->job->plan_version}.".count($mesh->graph->nodes),
            self::KEPT_SECONDS,
            fn (): array => $this->search($sheet, $mesh, $survey->protocol, array_column($open, 'id')),
        );
    }

    /**
     * @param  list<string>  $open
     * @return array<string, Remedy>
     */
    private function search(JobSheet $sheet, SurveyedMesh $mesh, string $protocol, array $open): array
    {
        $building = $sheet->geometry->building();
        $radio = Transceiver::of($protocol, $sheet->job->region) ?? throw new LogicException("Nothing relays over {$protocol}.");
        $ends = array_intersect_key($sheet->radioEnds($sheet->ofProtocol($protocol), $building), array_column($mesh->graph->nodes, 'id', 'id'));
        $gateway = new RadioEnd(SurveyedMesh::ROOT, $this->forecasts->gatewayEnd($sheet, $radio)->position, $radio, 0.0, Role::Root);
        $search = RelaySearch::over(FreeMains::places($sheet, $radio), [$gateway, ...array_values($ends)], $mesh->graph, new RadioPlan($building, $sheet->clutter()), $sheet->job->acceptance_db);
        $remedies = [];
        foreach (array_intersect_key($ends, array_flip($open)) as $key => $device) {
            $advice = $search->for($device);
            if ($advice !== null) {
                $remedies[$key] = FreeMains::describe($sheet, $advice);
            }
        }

        return $remedies;
    }
}
