<?php

declare(strict_types=1);

namespace App\Stations\Survey\Rooms;

use App\Floorplan\PlanHistory;
use App\Floorplan\PlanStore;
use App\Models\SiteJob;
use App\Plan\Lens;
use App\Stations\Asked;
use App\Stations\Legend;
use App\Stations\Middle;
use App\Stations\Move;
use App\Stations\Survey\SurveyLens;
use Kavvel\Core\Floorplan\Plan;
use Kavvel\Core\Floorplan\Storey;

/** The plan to be drawn: rooms, walls, openings, points and ducts, and beside it what is in hand. */
final readonly class RoomsLens
{
    public function __construct(private PlanStore $store) {}

    public function move(SiteJob $job, Asked $asked): Move
    {
        $plan = $this->store->read($job);
        $storey = $plan->storeys[$asked->storey ?? ''] ?? $plan->storey($this->usualStorey($plan));
        $chosen = Chosen::of($plan, $storey, $asked->at);
        $underlay = $job->underlays()->whereHas('storey', static fn ($query) => $query->where('key', $storey->key))->first();

        return new Move(
            'survey.rooms.side',
            static fn (): array => [
                'plan' => $plan, 'on' => $storey, 'chosen' => $chosen, 'history' => PlanHistory::of($job), 'underlay' => $underlay,
                'panel' => new RoomsPanel($plan, $storey, $chosen, $job->region),
            ],
            new Lens,
            new Legend("plan version {$job->plan_version}"),
            middle: new Middle(
                'survey.rooms.drawing',
                static fn (): array => [
                    'draft' => Draft::of($plan, $storey), 'plan' => $plan, 'chosen' => $chosen, 'on' => $storey, 'underlay' => $underlay,
                ],
                serialize([$chosen, $underlay?->toArray()]),
                $storey->key,
                array_values(array_map(static fn (Storey $one): array => ['key' => $one->key, 'name' => $one->name], $plan->storeys)),
                'survey.rooms.list',
            ),
            lenses: SurveyLens::titles(),
            chosenLens: SurveyLens::Rooms->value,
        );
    }

    /** Where the first hub stands, else the highest. */
    private function usualStorey(Plan $plan): string
    {
        foreach ($plan->things as $thing) {
            if (! $thing->isInRoom()) {
                return $thing->home;
            }
        }

        return array_values($plan->storeys)[0]->key;
    }
}
