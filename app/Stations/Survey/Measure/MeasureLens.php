<?php

declare(strict_types=1);

namespace App\Stations\Survey\Measure;

use App\Floorplan\PlanStore;
use App\JobSheet\Catalogue;
use App\JobSheet\JobSheet;
use App\Plan\Lens;
use App\Stations\Asked;
use App\Stations\Middle;
use App\Stations\Move;
use App\Stations\Survey\SurveyLens;

/** Measure before buying: locks, blinds, and where windows look. */
final readonly class MeasureLens
{
    public function __construct(private PlanStore $plans) {}

    public function move(JobSheet $sheet, Asked $asked): Move
    {
        $measures = MeasureSheet::of($sheet, $this->plans);
        $chosen = $measures->openings[$asked->at ?? ''] ?? null;

        return new Move(
            'survey.measure.side',
            static fn (): array => [
                'measures' => $measures, 'one' => $chosen, 'catalogue' => Catalogue::of($sheet->job->region),
            ],
            new Lens,
            middle: new Middle(
                'survey.measure.list',
                static fn (): array => ['measures' => $measures, 'at' => $asked->at],
                serialize([$measures->openings, $measures->strays, $asked->at]),
                $sheet->geometry->storeys[0]['key'],
                [],
            ),
            lenses: SurveyLens::titles(),
            chosenLens: SurveyLens::Devices->value,
            within: SurveyLens::Measure->within(),
        );
    }
}
