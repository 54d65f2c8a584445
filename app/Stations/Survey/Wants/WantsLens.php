<?php

declare(strict_types=1);

namespace App\Stations\Survey\Wants;

use App\Floorplan\PlanStore;
use App\JobSheet\JobSheet;
use App\Plan\Lens;
use App\Stations\Asked;
use App\Stations\Middle;
use App\Stations\Move;
use App\Stations\Survey\SurveyLens;

/** What the client wants to be able to do, room by room, and the devices that it takes. */
final readonly class WantsLens
{
    public function __construct(private PlanStore $plans) {}

    public function move(JobSheet $sheet, Asked $asked): Move
    {
        $pen = Pen::of($asked->at);
        $wants = WantsSheet::of($sheet, $this->plans);
        $grid = new WantsGrid($sheet, $wants, $pen);

        return new Move(
            'survey.wants.side',
            static fn (): array => ['wants' => $wants, 'report' => $wants->report, 'pen' => $pen, 'sheet' => $sheet],
            new Lens,
            middle: new Middle(
                'survey.wants.grid',
                static fn (): array => ['grid' => $grid, 'pen' => $pen],
                serialize([$pen, $wants->report->standings, $wants->wants, $sheet->job->plan_version, $sheet->countIn()]),
                $sheet->geometry->storeys[0]['key'],
                [],
            ),
            lenses: SurveyLens::titles(),
            chosenLens: SurveyLens::Wants->value,
        );
    }
}
