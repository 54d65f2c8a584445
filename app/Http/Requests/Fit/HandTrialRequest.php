<?php

declare(strict_types=1);

namespace App\Http\Requests\Fit;

use Illuminate\Validation\Rule;
use Kavvel\Core\Proving\Outcome;

/** Whether a device works by hand now that its circuit is live. */
final class HandTrialRequest extends FitRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'outcome' => ['required', Rule::enum(Outcome::class)],
            'reason' => ['nullable', 'string', 'max:200', Rule::requiredIf($this->input('outcome') !== Outcome::Passed->value)],
        ];
    }

    public function outcome(): Outcome
    {
        return Outcome::from($this->string('outcome')->toString());
    }
}
