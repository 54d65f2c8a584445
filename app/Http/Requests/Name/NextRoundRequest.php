<?php

declare(strict_types=1);

namespace App\Http\Requests\Name;

use App\Http\Requests\JobRequest;

/** It is triggered once more, or listened for from the beginning. */
final class NextRoundRequest extends JobRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['how' => ['required', 'in:again,anew'], 'round' => ['required', 'integer', 'min:1']];
    }
}
