<?php

declare(strict_types=1);

namespace App\Http\Requests\Bench;

use App\Http\Requests\JobRequest;
use Illuminate\Validation\Rule;
use Kavvel\Core\Proving\Rung;

final class ProofWithdrawalRequest extends JobRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['rung' => ['required', Rule::enum(Rung::class)], 'reason' => ['required', 'string', 'max:200']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['reason.required' => 'Say why it is taken back: the record keeps both.'];
    }

    public function rung(): Rung
    {
        return Rung::from($this->string('rung')->toString());
    }
}
