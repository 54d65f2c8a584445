<?php

declare(strict_types=1);

namespace App\Http\Requests\Bench;

use App\Models\Slot;
use Illuminate\Validation\Rule;
use Kavvel\Core\Proving\Outcome;

final class ProofRequest extends RungRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            ...$this->rungRules(),
            'outcome' => ['required', Rule::enum(Outcome::class)],
            'reason' => ['nullable', 'string', 'max:200', Rule::requiredIf($this->input('outcome') !== Outcome::Passed->value)],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['reason.required' => 'Say why: a failed or untested rung needs its reason.'];
    }

    /** Where it was noted: at the card that is worked through, or at the slot. */
    public function back(Slot $slot): string
    {
        return match ($this->input('from')) {
            'fit' => route('jobs.fit', $this->siteJob()),
            'bridge' => route('jobs.bridge', $this->siteJob()),
            default => $this->backToSlot($slot),
        };
    }

    public function outcome(): Outcome
    {
        return Outcome::from($this->string('outcome')->toString());
    }
}
