<?php

declare(strict_types=1);

namespace App\Http\Requests\Survey;

use App\Http\Requests\JobRequest;

/** What a machine's own remote does when it points away, and whether one of its keys is both on and off. */
final class RemoteRequest extends JobRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'works_away' => ['required', 'boolean'],
            'toggles' => ['required', 'boolean'],
            'lock_version' => ['required', 'integer'],
        ];
    }
}
