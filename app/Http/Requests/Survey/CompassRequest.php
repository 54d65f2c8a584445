<?php

declare(strict_types=1);

namespace App\Http\Requests\Survey;

use App\Http\Requests\JobRequest;

/** Where the upper edge of the plan looks; left empty, the readings at the windows say it. */
final class CompassRequest extends JobRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['up' => ['nullable', 'numeric', 'between:0,360']];
    }

    public function up(): ?float
    {
        return $this->filled('up') ? $this->float('up') : null;
    }

    protected function prepareForValidation(): void
    {
        $this->takeDecimalCommas('up');
    }
}
