<?php

declare(strict_types=1);

namespace App\Http\Requests\Pair;

use App\Http\Requests\JobRequest;
use App\Models\Slot;

/** Which device a code from the tray is of. */
final class CodeSlotRequest extends JobRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['slot' => ['required', 'string', $this->existsInJob('slots')]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'slot.required' => 'Choose the device that it is the code of.',
            'slot.exists' => 'There is no such slot on the plan any more. Open the page again.',
        ];
    }

    public function slot(): Slot
    {
        return $this->siteJob()->slots()->where('key', $this->string('slot'))->firstOrFail();
    }

    /** Back to the tray, or to the card where it was taken from there. */
    public function back(): string
    {
        return route('jobs.pair', $this->input('from') === 'pair'
            ? ['job' => $this->siteJob(), 'next' => $this->string('slot')->toString()]
            : ['job' => $this->siteJob(), 'lens' => 'codes']);
    }
}
