<?php

declare(strict_types=1);

namespace App\Http\Requests\Name;

use App\Http\Requests\JobRequest;
use App\Models\Slot;

/** A device goes to a place on its storey, or into a room. Metres. */
final class PlaceRequest extends JobRequest
{
    private const FARTHEST_M = 500;

    protected function prepareForValidation(): void
    {
        $this->takeDecimalCommas('x', 'y');
    }

    /** @return array<string, mixed> */
    public function rules(): array
    {
        $far = ['required_without:room', 'nullable', 'numeric', 'between:-'.self::FARTHEST_M.','.self::FARTHEST_M];

        return [
            'slot' => ['required', 'string', 'max:80', $this->existsInJob('slots')->whereNull('deleted_at')],
            'room' => ['nullable', 'string', 'max:80'], 'x' => $far, 'y' => $far,
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'slot.required' => 'Choose a device on the plan first.',
            'slot.exists' => 'That device is not on the plan any more.',
            'x.required_without' => 'Drag it to its place, or choose its room.',
        ];
    }

    public function slot(): Slot
    {
        return $this->siteJob()->slots()->where('key', $this->string('slot'))->firstOrFail();
    }
}
