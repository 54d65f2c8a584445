<?php

declare(strict_types=1);

namespace App\Radio;

use App\JobSheet\JobSheet;
use App\Models\Forecast;
use App\Models\SiteJob;
use App\Tenancy\CurrentCompany;
use Kavvel\Core\Coverage\RadioEnd;
use Kavvel\Core\Coverage\RadioPlan;
use Kavvel\Core\Mesh\Role;
use Kavvel\Core\Mesh\Routing;
use Kavvel\Core\Protocol\Protocol;
use Kavvel\Core\Radio\CrossingLoss;
use Kavvel\Core\Radio\LinkForecast;
use Kavvel\Core\Radio\Transceiver;
use Kavvel\Core\Site\Building;
use LogicException;

/** Computes what the plan lets each slot's radio do, and keeps it for this version of the plan. */
final readonly class Forecasts
{
    public function __construct(private CurrentCompany $company) {}

    public function refresh(SiteJob $job): void
    {
        $sheet = JobSheet::of($job);
        $place = $sheet->gatewayPlace();
        if ($sheet->gateway === null || $place === null) {
            return;
        }
        $building = $sheet->geometry->building();
        $plan = new RadioPlan($building, $sheet->clutter());
        $ends = $sheet->radioEnds($sheet->cards, $building);
        $parents = $this->parents($sheet, $plan, $ends);
        $rows = [];
        foreach ($ends as $key => $end) {
            $row = ['company_id' => $this->company->id(), 'site_job_id' => $job->id, 'slot_id' => $sheet->cards[$key]->slot->id, 'plan_version' => $job->plan_version];
            if (! $sheet->cards[$key]->profile->suits($job->region)) {
                $rows[] = [...$row, 'margin_db' => null, 'parent_key' => null, 'parent_margin_db' => null, 'breakdown' => null];

                continue;
            }
            $gateway = $this->gatewayEnd($sheet, $end->radio);
            $link = $plan->forecast($end, $gateway);
            $rows[] = [
                ...$row,
                'margin_db' => $link->marginDb,
                'parent_key' => $parents[$key][0] ?? null,
                'parent_margin_db' => $parents[$key][1] ?? $link->marginDb,
                'breakdown' => json_encode($this->breakdown($link, $building, $end, $gateway), JSON_THROW_ON_ERROR),
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

    public function gatewayEnd(JobSheet $sheet, Transceiver $radio): RadioEnd
    {
        return new RadioEnd(
            $sheet->gateway->key ?? 'gateway',
            $sheet->gatewayPlace() ?? throw new LogicException('A job without a gateway has no forecasts.'),
            $radio,
            0.0,
            Role::Root,
        );
    }

    /**
     * @param  array<string, RadioEnd>  $ends
     * @return array<string, array{string|null, float}> by slot: predicted parent (null: the gateway) and the margin to it
     */
    private function parents(JobSheet $sheet, RadioPlan $plan, array $ends): array
    {
        $parents = [];
        foreach (Protocol::cases() as $protocol) {
            $own = array_values(array_intersect_key($ends, $sheet->ofProtocol($protocol->value)));
            if ($own === []) {
                continue;
            }
            $gateway = $this->gatewayEnd($sheet, Transceiver::of($protocol->value, $sheet->job->region) ?? $own[0]->radio);
            $graph = $plan->graph($protocol, [$gateway, ...$own], $gateway->key);
            $routing = Routing::of($graph);
            foreach ($routing->routes as $number => $route) {
                if ($number === $graph->root) {
                    continue;
                }
                $parent = $graph->nodes[$route->next]->id;
                $key = $graph->nodes[$number]->id;
                $parents[$key] = [$parent === $gateway->key ? null : $parent, $this->marginBetween($graph->neighbours[$number], $route->next)];
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
                'what' => $loss->crossing->part->label, 'kind' => $loss->crossing->kind, 'lossDb' => $loss->lossDb, 'extrapolated' => $loss->extrapolated,
            ], array_values(array_filter($link->crossed, static fn (CrossingLoss $loss): bool => $loss->lossDb > 0))),
            'pessimistic' => $link->isPessimistic($building, $from->position, $to->position),
        ];
    }
}
