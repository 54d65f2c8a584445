<?php

declare(strict_types=1);

namespace App\Http\Requests\Fit;

use Illuminate\Validation\Rule;
use Kavvel\Core\Catalogue\LoadKind;
use Kavvel\Core\Circuits\Dimmable;
use Kavvel\Core\Fit\SwitchedLoad;

/** What a device switches, where it is another thing than its circuit says. */
final class SwitchedLoadRequest extends FitRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'load_kind' => ['required', Rule::enum(LoadKind::class)],
            'load_watts' => ['required', 'numeric', 'min:0.1', 'max:5000'],
            'load_count' => ['required', 'integer', 'min:1', 'max:200'],
            'dimmable' => ['required', Rule::enum(Dimmable::class)],
            'is_connected' => ['boolean'],
        ];
    }

    public function load(): SwitchedLoad
    {
        return new SwitchedLoad(
            LoadKind::from($this->string('load_kind')->toString()),
            $this->float('load_watts'),
            $this->integer('load_count'),
            Dimmable::from($this->string('dimmable')->toString()),
            $this->boolean('is_connected'),
        );
    }

    protected function prepareForValidation(): void
    {
        $this->takeDecimalCommas('load_watts');
    }
}
