<?php

declare(strict_types=1);

namespace App\Http\Requests\Mesh;

use App\Http\Requests\JobRequest;
use Illuminate\Validation\Rule;
use Kavvel\Core\Protocol\Protocol;

/** Which radio a hub is to read; none: the first that it reads. */
final class MeshReadingRequest extends JobRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['protocol' => ['nullable', Rule::enum(Protocol::class)->only(Protocol::readable())]];
    }

    public function protocol(): ?Protocol
    {
        return $this->filled('protocol') ? Protocol::from($this->string('protocol')->toString()) : null;
    }
}
