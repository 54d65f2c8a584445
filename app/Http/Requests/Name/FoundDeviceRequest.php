<?php

declare(strict_types=1);

namespace App\Http\Requests\Name;

use App\Http\Requests\JobRequest;

/** The device that was heard is the one. */
final class FoundDeviceRequest extends JobRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['address' => ['required', 'string', 'max:40']];
    }
}
