<?php

declare(strict_types=1);

namespace App\Http\Requests\Bench;

use App\Http\Requests\JobRequest;

final class CredentialRequest extends JobRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['label' => ['required', 'string', 'max:120'], 'secret' => ['required', 'string', 'max:512']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['label.required' => 'Say what the code is for.', 'secret.required' => 'Enter the code from the sticker.'];
    }
}
