<?php

declare(strict_types=1);

namespace App\Http\Requests\Pair;

use App\Http\Requests\JobRequest;

final class HandPairingRequest extends JobRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['address' => ['nullable', 'string', 'max:40', 'regex:~^[\pL\pN][\pL\pN .:/_-]*$~u']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'address.required' => 'Give its address as its controller shows it, for example “node 7”.',
            'address.regex' => 'An address has letters, digits, spaces, dots, colons, slashes and dashes only.',
            'address.max' => 'An address has at most 40 characters. Don’t put a code here: codes have a place of their own.',
        ];
    }
}
