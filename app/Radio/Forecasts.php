<?php

declare(strict_types=1);

namespace App\Radio;

use App\JobSheet\Hub;
use App\JobSheet\JobSheet;
use App\JobSheet\SlotCard;
use App\Models\Forecast;
use App\Models\SiteJob;
use App\Tenancy\CurrentCompany;
use Kavvel\Core\Coverage\RadioEnd;
use Kavvel\Core\Coverage\RadioPlan;
use Kavvel\Core\Mesh\Graph;
use Kavvel\Core\Mesh\Role;
use Kavvel\Core\Mesh\Routing;
use Kavvel\Core\Protocol\Protocol;
use Kavvel\Core\Radio\CrossingLoss;
use Kavvel\Core\Radio\LinkForecast;
use Kavvel\Core\Radio\Transceiver;
use Kavvel\Core\Site\Building;

/** Computes what the plan lets each slot's radio do, and keeps it for this version of the plan. */
final readonly class Forecasts
{
    public function __construct(private CurrentCompany $company) {}

    public function refresh(SiteJob $job): void
    {
        $sheet = JobSheet::of($job);
        if ($sheet->hubs === []) {
            return;
        }
        $building = $sheet->geometry->building();
        $plan = new RadioPlan($building, $sheet->clutter());
        $ends = $sheet->radioEnds($sheet->cards, $building);
        $parents = [];
        foreach (Protocol::meshes() as $protocol) {
            $parents = [...$parents, ...$this->parents($sheet, $plan, $ends, $protocol)];
        }
        $rows = [];
        foreach ($ends as $key => $end) {
            $rows[] = [
                'company_id' => $this->company->id(),
                'site_job_id' => $job->id,
                'slot_id' => $sheet->cards[$key]->slot->id,
                'plan_version' => $job->plan_version,
                ...$this->forecast($sheet, $plan, $building, $sheet->cards[$key], $end, $parents[$key] ?? null),
            ];
        }
        Forecast::query()->upsert($rows, ['slot_id', 'plan_version'], ['margin_db', 'parent_key', 'parent_margin_db', 'breakdown']);
    }

    /** The plan or a slot has changed: the next version, with its own forecasts. */
    public function planChanged(SiteJob $job): void
    {
        $job->touchPlan();
        $this->refresh($job);
    }

    /** A hub as one end of a link. */
    public static function hubEnd(Hub $hub, Transceiver $radio): RadioEnd
    {
        return new RadioEnd($hub->key(), $hub->place(), $radio, 0.0, Role::Root);
    }

    /**
     * @param  array{string|null, float}|null  $parent
     * @return array{margin_db: float|null, parent_key: string|null, parent_margin_db: float|null, breakdown: string|null}
     */
    private function forecast(JobSheet $sheet, RadioPlan $plan, Building $building, SlotCard $card, RadioEnd $end, ?array $parent): array
    {
        if (! $card->profile->suits($sheet->job->region)) {
            return ['margin_db' => null, 'parent_key' => null, 'parent_margin_db' => null, 'breakdown' => null];
        }
        $hub = self::hubEnd($card->hub ?? $sheet->hubs[0], $end->radio);
        $link = $plan->forecast($end, $hub);

        return [
            'margin_db' => $link->marginDb,
            'parent_key' => $parent[0] ?? null,
            'parent_margin_db' => $parent[1] ?? $link->marginDb,
            'breakdown' => json_encode($this->breakdown($link, $building, $end, $hub), JSON_THROW_ON_ERROR),
        ];
    }

    /**
     * @param  array<string, RadioEnd>  $ends
     * @return array<string, array{string|null, float}> by slot: predicted parent (null: the hub) and the margin to it
     */
    private function parents(JobSheet $sheet, RadioPlan $plan, array $ends, Protocol $protocol): array
    {
        $byHub = [];
        foreach (array_intersect_key($ends, $sheet->ofProtocol($protocol)) as $key => $end) {
            $byHub[($sheet->cards[$key]->hub ?? $sheet->hubs[0])->key()][] = $end;
        }
        $parents = [];
        foreach ($sheet->hubs as $hub) {
            $own = $byHub[$hub->key()] ?? [];
            if ($own !== []) {
                $root = self::hubEnd($hub, Transceiver::of($protocol, $sheet->job->region) ?? $own[0]->radio);
                $parents = [...$parents, ...$this->chosenParents($plan->graph($protocol, [$root, ...$own], $root->key))];
            }
        }

        return $parents;
    }

    /** @return array<string, array{string|null, float}> */
    private function chosenParents(Graph $graph): array
    {
        $parents = [];
        foreach (Routing::of($graph)->routes as $number => $route) {
            if ($number !== $graph->root) {
                $parent = $route->next === $graph->root ? null : $graph->nodes[$route->next]->id;
                $parents[$graph->nodes[$number]->id] = [$parent, $this->marginBetween($graph->neighbours[$number], $route->next)];
            }
        }

        return $parents;
    }

    /** @param list<array{int, float}> $neighbours */
    private function marginBetween(array $neighbours, int $parent): float
    {
        foreach ($neighbours as [$other, $margin]) {
            if ($other === $parent) {
                return $margin;
            }
        }

        return 0.0;
    }

    /** @return array<string, mixed> */
    private function breakdown(LinkForecast $link, Building $building, RadioEnd $from, RadioEnd $to): array
    {
        return [
            'distanceM' => $link->distanceM,
            'freeSpaceDb' => $link->freeSpaceDb,
            'clutterDb' => $link->clutterDb,
            'mountingDb' => $link->mountingDb,
            'rssiDbm' => $link->rssiDbm,
            'txDbm' => $from->radio->txDbm,
            'gainsDb' => $from->radio->gainDbi + $to->radio->gainDbi,
            'sensitivityDbm' => $to->radio->sensitivityDbm,
            'crossed' => array_map(static fn (CrossingLoss $loss): array => [
                'what' => $loss->crossing->part->label,
                'kind' => $loss->crossing->kind,
                'lossDb' => $loss->lossDb,
                'extrapolated' => $loss->extrapolated,
            ], array_values(array_filter($link->crossed, static fn (CrossingLoss $loss): bool => $loss->lossDb > 0))),
            'pessimistic' => $link->isPessimistic($building, $from->position, $to->position),
        ];
    }
}
