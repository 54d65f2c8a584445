<?php

declare(strict_types=1);

namespace App\Http\Requests;

final class PairAttemptRequest extends PersonRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['saw_light' => ['required', 'boolean']];
    }
}
