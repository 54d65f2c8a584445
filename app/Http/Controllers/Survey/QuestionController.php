<?php

declare(strict_types=1);

namespace App\Http\Controllers\Survey;

use App\Editing\OptimisticLock;
use App\Http\Requests\Survey\AnswerRequest;
use App\Logbook\Logbook;
use App\Models\Question;
use App\Models\SiteJob;
use Illuminate\Http\RedirectResponse;

final class QuestionController
{
    public function update(
        AnswerRequest $request,
        SiteJob $job,
        Question $question,
        Logbook $logbook,
        OptimisticLock $lock,
    ): RedirectResponse {
        $values = ['answer' => $request->string('answer')->toString(), 'answered_at' => now()];
        $lock->update($question, $request->integer('lock_version'), $values, 'this question', ['answer' => 'Answer']);
        $logbook->write($job, $request->person(), 'question', "{$question->text} {$question->owner}: {$question->answer}");

        return redirect()->route('jobs.survey', $job, 303);
    }
}
