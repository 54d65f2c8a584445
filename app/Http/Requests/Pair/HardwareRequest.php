<?php

declare(strict_types=1);

namespace App\Http\Requests\Pair;

use App\Http\Requests\JobRequest;
use App\Models\Slot;
use Illuminate\Validation\Rule;

/** A revision that the recipe of the device knows. */
final class HardwareRequest extends JobRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        /** @var Slot $slot */
        $slot = $this->route('slot');
        $recipe = $slot->profile()->firstOrFail()->core($this->siteJob()->region)->recipe;

        return ['hardware' => ['nullable', 'string', Rule::in(array_keys($recipe->variants ?? []))]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['hardware.in' => 'Its recipe knows no such revision. Put the entry right in the catalogue first.'];
    }

    public function hardware(): ?string
    {
        return $this->filled('hardware') ? $this->string('hardware')->toString() : null;
    }
}
