<?php

declare(strict_types=1);

namespace App\Http\Requests\Pair;

use App\Http\Requests\JobRequest;

final class PinRequest extends JobRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['pin' => ['required_without:known', 'nullable', 'string', 'max:60'], 'known' => ['nullable', 'boolean']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['pin.required_without' => 'Type the five digits that the key on its sticker begins with.'];
    }

    /** Null: that of the code that was scanned before. */
    public function pin(): ?string
    {
        return $this->boolean('known') ? null : $this->string('pin')->trim()->toString();
    }
}
