<?php

declare(strict_types=1);

namespace App\Http\Requests\Survey;

use App\Http\Requests\JobRequest;
use Illuminate\Validation\Rule;

/** The answer to a question, or that it is asked again. */
final class AnswerRequest extends JobRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'answer' => [Rule::requiredIf($this->isMethod('put')), 'nullable', 'string', 'max:600'],
            'lock_version' => ['required', 'integer'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['answer.required' => 'Write the answer before you save.'];
    }

    /** Where it was answered: beside the questions, or as the next move of the survey. */
    public function back(): string
    {
        return route('jobs.survey', ['job' => $this->siteJob(), ...$this->string('from')->toString() === 'questions'
            ? ['lens' => 'questions'] : []]);
    }
}
