<?php

declare(strict_types=1);

namespace App\Http\Requests\Bridge;

use App\Http\Requests\JobRequest;
use Illuminate\Support\Carbon;
use Illuminate\Validation\Rule;
use Kavvel\Core\Bridging\Opening;

/** What was opened at a box or in an account, and by when it has to be closed. */
final class OpeningRequest extends JobRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'opening' => ['required', Rule::enum(Opening::class)],
            'of' => ['required', 'string', 'max:80'],
            'until' => ['required', 'date', 'after_or_equal:today', 'before:+1 year'],
            'at' => ['nullable', 'string', 'max:120'],
        ];
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        return ['opening' => 'what was opened', 'of' => 'where it was opened'];
    }

    public function opening(): Opening
    {
        return Opening::from($this->string('opening')->toString());
    }

    public function until(): Carbon
    {
        return $this->date('until') ?? now();
    }
}
