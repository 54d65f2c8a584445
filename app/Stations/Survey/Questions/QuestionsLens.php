<?php

declare(strict_types=1);

namespace App\Stations\Survey\Questions;

use App\Floorplan\PlanStore;
use App\JobSheet\JobSheet;
use App\Plan\Lens;
use App\Stations\Asked;
use App\Stations\Middle;
use App\Stations\Move;
use App\Stations\Survey\SurveyLens;

/** What only other people can answer, by its day. */
final readonly class QuestionsLens
{
    public function __construct(private PlanStore $plans) {}

    public function move(JobSheet $sheet, Asked $asked): Move
    {
        $questions = QuestionsSheet::of($sheet->job);
        $worth = WorthAsking::of($sheet, $this->plans, $questions);
        [$kind, $key] = [...explode(' ', (string) $asked->at, 2), ''];

        return new Move(
            'survey.questions.side',
            static fn (): array => [
                'questions' => $questions, 'worth' => $worth, 'isAsking' => $kind === 'ask', 'wanted' => $key,
                'state' => $kind === 'question' ? $questions->state($key) : null,
            ],
            new Lens,
            middle: new Middle(
                'survey.questions.list',
                static fn (): array => ['questions' => $questions, 'worth' => $worth, 'at' => $asked->at],
                serialize([$questions->states, $worth->asks, $asked->at]),
                $sheet->geometry->storeys[0]['key'],
                [],
            ),
            lenses: SurveyLens::titles(),
            chosenLens: SurveyLens::Devices->value,
            within: SurveyLens::Questions->within(),
        );
    }
}
