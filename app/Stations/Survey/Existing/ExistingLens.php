<?php

declare(strict_types=1);

namespace App\Stations\Survey\Existing;

use App\Existing\ExistingSheet;
use App\JobSheet\Catalogue;
use App\JobSheet\JobSheet;
use App\Plan\Lens;
use App\Stations\Asked;
use App\Stations\Middle;
use App\Stations\Move;
use App\Stations\Survey\SurveyLens;

/** What the house had before: what stays, what moves over, what goes. */
final readonly class ExistingLens
{
    public function move(JobSheet $sheet, Asked $asked): Move
    {
        $existing = ExistingSheet::of($sheet->job);
        $isAdding = $asked->at === 'add';
        $chosen = $existing->devices[$asked->at ?? ''] ?? ($isAdding ? null : $existing->next());

        return new Move(
            'survey.existing.side',
            static fn (): array => [
                'existing' => $existing, 'device' => $chosen, 'isAdding' => $isAdding, 'isChosen' => $chosen?->key === $asked->at,
                'sheet' => $sheet, 'catalogue' => Catalogue::of($sheet->job->region),
            ],
            new Lens,
            middle: new Middle(
                'survey.existing.list',
                static fn (): array => ['existing' => $existing, 'sheet' => $sheet, 'at' => $asked->at],
                serialize([$existing->devices, $sheet->job->plan_version, $asked->at]),
                $sheet->geometry->storeys[0]['key'],
                [],
            ),
            lenses: SurveyLens::titles(),
            chosenLens: SurveyLens::Devices->value,
            within: SurveyLens::Existing->within(),
        );
    }
}
