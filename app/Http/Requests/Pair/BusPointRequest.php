<?php

declare(strict_types=1);

namespace App\Http\Requests\Pair;

use App\Http\Requests\JobRequest;
use App\Models\Slot;

/** Which planned device a control point of the bus is; none: it is not planned. */
final class BusPointRequest extends JobRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['point' => ['required', 'string', 'max:120'], 'slot' => ['nullable', 'string', $this->existsInJob('slots')]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['slot.exists' => 'There is no such slot on the plan any more. Open the page again.'];
    }

    public function slot(): ?Slot
    {
        return $this->filled('slot') ? $this->siteJob()->slots()->where('key', $this->string('slot'))->firstOrFail() : null;
    }
}
