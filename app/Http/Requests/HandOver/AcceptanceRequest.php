<?php

declare(strict_types=1);

namespace App\Http\Requests\HandOver;

use App\Http\Requests\JobRequest;

final class AcceptanceRequest extends JobRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['accepted_by' => ['required', 'string', 'min:3', 'max:120'], 'lock_version' => ['required', 'integer']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'accepted_by.required' => 'Write the name of the person who accepts it.',
            'accepted_by.min' => 'Write the full name of the person who accepts it.',
        ];
    }
}
