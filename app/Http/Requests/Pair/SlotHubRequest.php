<?php

declare(strict_types=1);

namespace App\Http\Requests\Pair;

use App\Http\Requests\JobRequest;

final class SlotHubRequest extends JobRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['hub' => ['nullable', 'string', 'max:80', $this->existsInJob('gateways')]];
    }

    /** Its key; null: the one that suits. */
    public function hub(): ?string
    {
        return $this->filled('hub') ? $this->string('hub')->toString() : null;
    }
}
