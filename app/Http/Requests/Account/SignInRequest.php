<?php

declare(strict_types=1);

namespace App\Http\Requests\Account;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Validation\ValidationException;

final class SignInRequest extends FormRequest
{
    private const GUESSES_A_MINUTE = 5;

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['email' => ['required', 'string', 'email'], 'password' => ['required', 'string']];
    }

    /** @throws ValidationException */
    public function authenticate(): void
    {
        $guesses = mb_strtolower($this->string('email')->toString()).'|'.$this->ip();
        if (RateLimiter::tooManyAttempts($guesses, self::GUESSES_A_MINUTE)) {
            throw ValidationException::withMessages([
                'email' => 'Too many tries. Wait '.RateLimiter::availableIn($guesses).' seconds, then try again.',
            ])->status(429);
        }
        if (! Auth::attempt($this->only('email', 'password'), remember: true)) {
            RateLimiter::hit($guesses);
            throw ValidationException::withMessages(['email' => 'E-mail and password do not match. Check both and try again.']);
        }
        RateLimiter::clear($guesses);
    }
}
