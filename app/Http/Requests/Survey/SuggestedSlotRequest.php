<?php

declare(strict_types=1);

namespace App\Http\Requests\Survey;

use App\Http\Requests\JobRequest;

/** One device that wants ask for, or the whole list of them as it was shown. */
final class SuggestedSlotRequest extends JobRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        if ($this->isMethod('put')) {
            return ['at' => ['nullable', 'string', 'max:80']];
        }

        return [
            'suggestion' => ['required_without:list', 'string', 'max:300'],
            'list' => ['required_without:suggestion', 'string', 'max:40'],
            'at' => ['nullable', 'string', 'max:80'],
        ];
    }

    public function suggestion(): ?string
    {
        return $this->filled('suggestion') ? $this->string('suggestion')->toString() : null;
    }

    public function backToWants(): string
    {
        return route('jobs.survey', ['job' => $this->siteJob(), 'lens' => 'wants', 'at' => $this->input('at')]);
    }
}
