<?php

declare(strict_types=1);

namespace App\Http\Controllers\Survey;

use App\Http\Requests\Survey\AnswerRequest;
use App\Models\Question;
use App\Models\SiteJob;
use App\Stations\Survey\Questions\Questions;
use Illuminate\Http\RedirectResponse;

/** What somebody answered. */
final class AnswerController
{
    public function update(AnswerRequest $request, SiteJob $job, Question $question, Questions $questions): RedirectResponse
    {
        $answer = $request->string('answer')->toString();
        $questions->answer($job, $question, $request->integer('lock_version'), $answer, $request->person());

        return redirect($request->back(), 303);
    }

    public function destroy(AnswerRequest $request, SiteJob $job, Question $question, Questions $questions): RedirectResponse
    {
        $questions->reopen($job, $question, $request->integer('lock_version'), $request->person());

        return redirect($request->back(), 303);
    }
}
