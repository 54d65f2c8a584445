<?php

declare(strict_types=1);

namespace App\Http\Requests\Bench;

use App\Http\Requests\JobRequest;
use Illuminate\Validation\Rule;

/** A setting of a device, planned or set. */
final class SettingRequest extends JobRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'setting' => ['required', 'string', 'max:40'],
            'kind' => ['required', Rule::in(['planned', 'actual'])],
            'value' => ['nullable', 'string', 'max:60'],
        ];
    }
}
