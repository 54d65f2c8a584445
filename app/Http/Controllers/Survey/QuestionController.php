<?php

declare(strict_types=1);

namespace App\Http\Controllers\Survey;

use App\Http\Requests\JobRequest;
use App\Http\Requests\Survey\QuestionRequest;
use App\Models\Question;
use App\Models\SiteJob;
use App\Stations\Survey\Questions\Questions;
use Illuminate\Http\RedirectResponse;

/** What only another person can answer. */
final class QuestionController
{
    public function store(QuestionRequest $request, SiteJob $job, Questions $questions): RedirectResponse
    {
        $question = $questions->ask($job, $request->values(), $request->person());

        return $this->back($job, "question {$question->key}");
    }

    public function update(QuestionRequest $request, SiteJob $job, Question $question, Questions $questions): RedirectResponse
    {
        $questions->change($job, $question, $request->integer('lock_version'), $request->values(), $request->person());

        return $this->back($job, "question {$question->key}");
    }

    public function destroy(JobRequest $request, SiteJob $job, Question $question, Questions $questions): RedirectResponse
    {
        $questions->remove($job, $question, $request->person());

        return $this->back($job);
    }

    private function back(SiteJob $job, ?string $at = null): RedirectResponse
    {
        return redirect()->route('jobs.survey', ['job' => $job, 'lens' => 'questions', 'at' => $at], 303);
    }
}
