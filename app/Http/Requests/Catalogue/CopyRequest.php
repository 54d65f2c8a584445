<?php

declare(strict_types=1);

namespace App\Http\Requests\Catalogue;

/** The key of an entry that is made like another. */
final class CopyRequest extends LeadRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['key' => ['required', 'string', 'max:80', 'regex:/^[a-z0-9][a-z0-9-]*$/']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'key.required' => 'Give it a key of its own, for example zb-contact-2.',
            'key.regex' => 'A key has small letters, digits and dashes only, for example zb-contact-2.',
        ];
    }
}
