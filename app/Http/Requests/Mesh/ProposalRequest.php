<?php

declare(strict_types=1);

namespace App\Http\Requests\Mesh;

use App\Http\Requests\JobRequest;
use Illuminate\Validation\Rule;
use Kavvel\Core\Protocol\Protocol;

/** Changes to a mesh, as they were tried. */
final class ProposalRequest extends JobRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'protocol' => ['required', Rule::enum(Protocol::class)->only(Protocol::meshes())],
            'changes' => ['nullable', 'string', 'max:800'],
        ];
    }

    public function protocol(): Protocol
    {
        return Protocol::from($this->string('protocol')->toString());
    }
}
