<?php

declare(strict_types=1);

namespace App\Stations\Survey\Wiring;

use App\Floorplan\PlanStore;
use App\JobSheet\JobSheet;
use App\Models\Closing;
use App\Plan\Lens;
use App\Stations\Asked;
use App\Stations\Middle;
use App\Stations\Move;
use App\Stations\Survey\Questions\QuestionsSheet;
use App\Stations\Survey\SurveyLens;

/** What closes next, and what is left to do behind it. */
final readonly class ClosingsLens
{
    public function __construct(private PlanStore $plans) {}

    public function move(JobSheet $sheet, Asked $asked): Move
    {
        $closings = ClosingsSheet::of($sheet, $this->plans);
        $questions = QuestionsSheet::of($sheet->job);
        [$kind, $key] = [...explode(' ', (string) $asked->at, 2), ''];
        $point = $kind === 'point' ? $closings->points[$key] ?? null : null;
        $state = $kind === 'closing' ? $closings->state($key) : null;

        return new Move(
            'survey.wiring.closings-side',
            static fn (): array => [
                'closings' => $closings, 'point' => $point, 'state' => $state, 'sheet' => $sheet, 'questions' => $questions,
                'row' => $state === null ? null : Closing::query()->where('site_job_id', $sheet->job->id)->where('key', $key)->first(),
            ],
            new Lens,
            middle: new Middle(
                'survey.wiring.closings',
                static fn (): array => ['closings' => $closings, 'sheet' => $sheet, 'at' => $asked->at],
                serialize([$closings->states, $sheet->job->plan_version, $asked->at]),
                $sheet->geometry->storeys[0]['key'],
                [],
            ),
            lenses: SurveyLens::titles(),
            chosenLens: SurveyLens::Circuits->value,
            within: SurveyLens::Closings->within(),
        );
    }
}
