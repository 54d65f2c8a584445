<?php

declare(strict_types=1);

namespace App\Http\Controllers\Survey;

use App\Http\Requests\Survey\AnswerRequest;
use App\Logbook\Logbook;
use App\Models\Question;
use App\Models\SiteJob;
use Illuminate\Http\RedirectResponse;

final class QuestionController
{
    public function update(AnswerRequest $request, SiteJob $job, Question $question, Logbook $logbook): RedirectResponse
    {
        $question->update(['answer' => $request->string('answer'), 'answered_at' => now()]);
        $logbook->write($job, $request->person(), 'question', "{$question->text} {$question->owner}: {$question->answer}");

        return redirect()->route('jobs.survey', $job, 303);
    }
}
