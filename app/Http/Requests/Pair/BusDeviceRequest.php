<?php

declare(strict_types=1);

namespace App\Http\Requests\Pair;

use App\Http\Requests\JobRequest;
use App\Models\Slot;

/** A control point that was heard, and the planned device that it is. */
final class BusDeviceRequest extends JobRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['point' => ['required', 'string', 'max:120'], 'slot' => ['required', 'string', $this->existsInJob('slots')]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'slot.required' => 'Say which planned device it is.',
            'slot.exists' => 'There is no such slot on the plan any more. Open the page again.',
        ];
    }

    public function slot(): Slot
    {
        return $this->siteJob()->slots()->where('key', $this->string('slot'))->firstOrFail();
    }
}
