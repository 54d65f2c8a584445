<?php

declare(strict_types=1);

namespace App\Http\Requests\Name;

use App\Http\Requests\JobRequest;

/** Somebody listens for the device of a slot. */
final class ListeningRequest extends JobRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'slot' => ['required', 'string', 'max:80', $this->existsInJob('slots')->whereNull('deleted_at')],
            'instead' => ['sometimes', 'boolean'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['slot.exists' => 'That device is not on the plan any more.'];
    }
}
