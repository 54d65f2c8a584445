<?php

declare(strict_types=1);

namespace App\Http\Requests\Survey;

use App\Http\Requests\JobRequest;
use Kavvel\Core\Wants\PlugLoad;

/** What a plug feeds, as it was said. */
final class PlugLoadRequest extends JobRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'load_what' => ['required', 'string', 'max:120'],
            'load_watts' => ['nullable', 'numeric', 'min:0', 'max:100000'],
            'load_stays_on' => ['required', 'boolean'],
            'load_heats' => ['required', 'boolean'],
            'lock_version' => ['required', 'integer'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'load_what.required' => 'Say what is plugged in, for example “freezer”.',
            'load_watts.numeric' => 'Give the watts as a number, as its plate says; leave them out where nobody knows.',
            'load_stays_on.required' => 'Say whether it must stay on: a freezer, a router or a pump must.',
        ];
    }

    public function load(): PlugLoad
    {
        return new PlugLoad(
            $this->string('load_what')->squish()->toString(),
            $this->filled('load_watts') ? $this->float('load_watts') : null,
            $this->boolean('load_stays_on'),
            $this->boolean('load_heats'),
        );
    }

    protected function prepareForValidation(): void
    {
        $this->takeDecimalCommas('load_watts');
    }
}
