<?php

declare(strict_types=1);

namespace App\Http\Requests\Name;

use App\Http\Requests\JobRequest;
use App\Models\Slot;

/** The slot that a second entry is the device of now. */
final class SuccessorRequest extends JobRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['slot' => ['required', 'string', 'max:80', $this->existsInJob('slots')->whereNull('deleted_at')]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['slot.exists' => 'That device is not on the plan any more.'];
    }

    public function slot(): Slot
    {
        return $this->siteJob()->slots()->where('key', $this->string('slot'))->firstOrFail();
    }
}
