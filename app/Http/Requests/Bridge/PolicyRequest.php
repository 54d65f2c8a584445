<?php

declare(strict_types=1);

namespace App\Http\Requests\Bridge;

use App\Http\Requests\JobRequest;
use Illuminate\Validation\Rule;
use Kavvel\Core\Bridging\Policy;

/** By which paths, and what was chosen when the person looked. */
final class PolicyRequest extends JobRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['policy' => ['required', Rule::enum(Policy::class)], 'seen' => ['nullable', Rule::enum(Policy::class)]];
    }

    public function policy(): Policy
    {
        return Policy::from($this->string('policy')->toString());
    }
}
