<?php

declare(strict_types=1);

namespace App\Http\Requests\Bench;

final class ProofWithdrawalRequest extends RungRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [...$this->rungRules(), 'reason' => ['required', 'string', 'max:200']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['reason.required' => 'Say why it is taken back: the record keeps both.'];
    }
}
