<?php

declare(strict_types=1);

namespace App\Http\Requests\Pair;

use App\Http\Requests\JobRequest;
use Illuminate\Validation\Rule;

/** What a hub is to say at the switch of a control point. */
final class BusTelegramRequest extends JobRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['point' => ['required', 'string', 'max:120'], 'value' => ['required', Rule::in(['on', 'off'])]];
    }

    public function isOn(): bool
    {
        return $this->input('value') === 'on';
    }
}
