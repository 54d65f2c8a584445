<?php

declare(strict_types=1);

namespace App\Http\Requests\Bench;

use App\Http\Requests\JobRequest;
use App\Models\Slot;
use Illuminate\Validation\Rule;
use Kavvel\Core\Proving\Outcome;
use Kavvel\Core\Proving\Rung;

final class ProofRequest extends JobRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'rung' => ['required', Rule::enum(Rung::class)],
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
        return $this->input('from') === 'fit' ? route('jobs.fit', $this->siteJob()) : $this->backToSlot($slot);
    }

    public function rung(): Rung
    {
        return Rung::from($this->string('rung')->toString());
    }

    public function outcome(): Outcome
    {
        return Outcome::from($this->string('outcome')->toString());
    }
}
