<?php

declare(strict_types=1);

namespace App\Http\Requests\Pair;

use App\Http\Requests\JobRequest;
use Illuminate\Validation\Rule;
use Kavvel\Core\Pairing\Light;

final class PairAttemptRequest extends JobRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['light' => ['required', Rule::enum(Light::class)]];
    }

    public function light(): Light
    {
        return Light::from($this->string('light')->toString());
    }
}
