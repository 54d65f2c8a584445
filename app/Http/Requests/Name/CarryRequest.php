<?php

declare(strict_types=1);

namespace App\Http\Requests\Name;

use App\Http\Requests\JobRequest;
use App\Models\Slot;

/** A device is that of another slot: this slot has the one `of` another, or its own belongs `to` another. */
final class CarryRequest extends JobRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        $slot = ['string', 'max:80', $this->existsInJob('slots')->whereNull('deleted_at')];

        return ['of' => ['required_without:to', ...$slot], 'to' => ['required_without:of', ...$slot]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'of.required_without' => 'Say whose device it is.',
            'to.required_without' => 'Say which one it is.',
            '*.exists' => 'That device is not on the plan any more.',
        ];
    }

    public function from(Slot $slot): Slot
    {
        return $this->filled('of') ? $this->other('of') : $slot;
    }

    public function into(Slot $slot): Slot
    {
        return $this->filled('of') ? $slot : $this->other('to');
    }

    private function other(string $field): Slot
    {
        return $this->siteJob()->slots()->where('key', $this->string($field))->firstOrFail();
    }
}
