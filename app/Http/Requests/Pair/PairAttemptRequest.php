<?php

declare(strict_types=1);

namespace App\Http\Requests\Pair;

use App\Http\Requests\JobRequest;

final class PairAttemptRequest extends JobRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['saw_light' => ['required', 'boolean']];
    }
}
