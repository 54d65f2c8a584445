<?php

declare(strict_types=1);

namespace App\Http\Requests\Bridge;

use App\Http\Requests\JobRequest;

/** What it is before anybody has told it anything, or does when it is started. */
final class MadeWrapperRequest extends JobRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['default' => ['required', 'string', 'max:20'], 'by_hand' => ['nullable', 'boolean']];
    }
}
