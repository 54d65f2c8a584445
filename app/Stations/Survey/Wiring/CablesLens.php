<?php

declare(strict_types=1);

namespace App\Stations\Survey\Wiring;

use App\Floorplan\PlanStore;
use App\Floorplan\Subject;
use App\JobSheet\JobSheet;
use App\Plan\Lens;
use App\Stations\Asked;
use App\Stations\Middle;
use App\Stations\Move;
use App\Stations\Survey\SurveyLens;
use Kavvel\Core\Cabling\HouseCables;
use Kavvel\Core\Cabling\PointLabels;
use Kavvel\Core\Floorplan\Thing;

/** Every cable with its label, its way and its length; the drums that they are cut from, and the rack. */
final readonly class CablesLens
{
    public function __construct(private PlanStore $plans) {}

    public function move(JobSheet $sheet, Asked $asked): Move
    {
        $plan = $this->plans->read($sheet->job);
        $cables = HouseCables::of($plan);
        $drops = DropSheet::of($sheet->job, $plan, $cables);
        $points = array_filter($plan->things, static fn (Thing $thing): bool => $thing->section === 'points');
        $chosen = $points["points {$asked->at}"] ?? null;

        return new Move(
            'survey.wiring.cables-side',
            static fn (): array => [
                'cables' => $cables, 'chosen' => $chosen, 'sheet' => $sheet, 'drops' => $drops,
                'label' => $chosen === null ? null : PointLabels::of($plan)[$chosen->key],
                'seen' => $chosen === null ? null : Subject::mark($plan, 'points', $chosen->key),
            ],
            new Lens,
            middle: new Middle(
                'survey.wiring.cables',
                static fn (): array => [
                    'cables' => $cables, 'sheet' => $sheet, 'points' => $points, 'chosen' => $chosen, 'drops' => $drops,
                ],
                "{$sheet->job->plan_version} {$drops->code?->value} {$asked->at}",
                $sheet->geometry->storeys[0]['key'],
                [],
            ),
            lenses: SurveyLens::titles(),
            chosenLens: SurveyLens::Circuits->value,
            within: SurveyLens::Cables->within(),
        );
    }
}
