<?php

declare(strict_types=1);

namespace App\Http\Requests\Bench;

use App\Http\Requests\JobRequest;

final class SnagRequest extends JobRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['text' => ['required', 'string', 'max:500'], 'slot' => ['nullable', 'string']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['text.required' => 'Say what is wrong before you save.', 'text.max' => 'A snag has at most 500 characters.'];
    }
}
