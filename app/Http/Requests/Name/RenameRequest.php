<?php

declare(strict_types=1);

namespace App\Http\Requests\Name;

use App\Http\Requests\JobRequest;

/** Names are changed together, as they were shown. */
final class RenameRequest extends JobRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['at' => ['required', 'string', 'max:200'], 'seen' => ['required', 'string', 'max:12']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['at.required' => 'Say what is to change: all by the pattern, or “old words > new words”.'];
    }
}
