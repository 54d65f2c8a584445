<?php

declare(strict_types=1);

namespace App\Http\Requests\Account;

use App\SignIn\SignIn;
use App\SignIn\SignInRefused;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\ValidationException;

final class SignInRequest extends FormRequest
{
    /** No address is longer, and no password that is compared */
    private const LONGEST = 254;

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'email' => ['required', 'string', 'email', 'max:'.self::LONGEST],
            'password' => ['required', 'string', 'max:'.self::LONGEST],
        ];
    }

    /** @throws ValidationException */
    public function authenticate(SignIn $signIn): void
    {
        try {
            $signIn->with($this->string('email')->toString(), $this->string('password')->toString(), (string) $this->ip());
        } catch (SignInRefused $refused) {
            throw ValidationException::withMessages(['email' => $refused->getMessage()])->status($refused->status);
        }
    }
}
