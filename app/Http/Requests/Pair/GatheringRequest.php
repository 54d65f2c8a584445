<?php

declare(strict_types=1);

namespace App\Http\Requests\Pair;

use App\Http\Requests\JobRequest;
use Illuminate\Validation\Rule;
use Kavvel\Core\Protocol\Protocol;

/** Whatever is ready of one radio is let in. */
final class GatheringRequest extends JobRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['protocol' => ['required', Rule::enum(Protocol::class)]];
    }

    public function protocol(): Protocol
    {
        return Protocol::from($this->string('protocol')->toString());
    }
}
