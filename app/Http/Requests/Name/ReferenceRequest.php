<?php

declare(strict_types=1);

namespace App\Http\Requests\Name;

use App\Http\Requests\JobRequest;
use Illuminate\Validation\Rule;
use Kavvel\Core\Proving\Measured;

/** A sensor beside a reference. */
final class ReferenceRequest extends JobRequest
{
    protected function prepareForValidation(): void
    {
        $this->takeDecimalCommas('said', 'reference');
    }

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'measured' => ['required', Rule::enum(Measured::class)],
            'said' => ['required', 'numeric', 'between:-60,150'],
            'reference' => ['required', 'numeric', 'between:-60,150'],
            'settled' => ['sometimes', 'boolean'],
            'by' => ['nullable', 'string', 'max:120'],
        ];
    }

    public function measured(): Measured
    {
        return Measured::from($this->string('measured')->toString());
    }
}
