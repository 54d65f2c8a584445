<?php

declare(strict_types=1);

namespace App\Http\Requests\Survey;

use App\Http\Requests\JobRequest;

final class AnswerRequest extends JobRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['answer' => ['required', 'string', 'max:500'], 'lock_version' => ['required', 'integer']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['answer.required' => 'Write the answer before you save.'];
    }
}
