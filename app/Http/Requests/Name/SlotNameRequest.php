<?php

declare(strict_types=1);

namespace App\Http\Requests\Name;

use App\Http\Requests\JobRequest;

final class SlotNameRequest extends JobRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['name' => ['required', 'string', 'max:64'], 'lock_version' => ['required', 'integer'], 'from' => ['sometimes', 'in:rooms']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['name.required' => 'Write a name before you save.', 'name.max' => 'A name has at most 64 characters.'];
    }
}
