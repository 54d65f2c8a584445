<?php

declare(strict_types=1);

namespace App\Http\Requests\Bridge;

use App\Http\Requests\JobRequest;

/** The names that a person looked at. */
final class SetNamesRequest extends JobRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['seen' => ['required', 'string', 'max:64']];
    }
}
