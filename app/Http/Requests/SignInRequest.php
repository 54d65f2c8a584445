<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Auth;
use Illuminate\Validation\ValidationException;

final class SignInRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['email' => ['required', 'string', 'email'], 'password' => ['required', 'string']];
    }

    public function authenticate(): void
    {
        if (! Auth::attempt($this->only('email', 'password'), remember: true)) {
            throw ValidationException::withMessages(['email' => 'E-mail and password do not match. Check both and try again.']);
        }
    }
}
