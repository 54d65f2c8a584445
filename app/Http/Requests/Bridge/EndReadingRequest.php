<?php

declare(strict_types=1);

namespace App\Http\Requests\Bridge;

use App\Http\Requests\JobRequest;

/** To which end it is driven, and what it says there where somebody has read it off. */
final class EndReadingRequest extends JobRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['open' => ['required', 'boolean'], 'value' => ['nullable', 'numeric', 'between:0,100']];
    }

    /** Null: its hub is to drive it there. */
    public function value(): ?float
    {
        return $this->filled('value') ? $this->float('value') : null;
    }
}
