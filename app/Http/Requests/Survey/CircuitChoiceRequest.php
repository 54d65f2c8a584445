<?php

declare(strict_types=1);

namespace App\Http\Requests\Survey;

use App\Http\Requests\JobRequest;
use Illuminate\Validation\Rule;
use Kavvel\Core\Circuits\ChoiceKind;
use Kavvel\Core\Circuits\SwitchPlace;

/** What was found where a switch would go; or what is chosen. */
final class CircuitChoiceRequest extends JobRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        if ($this->filled('choice')) {
            return ['choice' => ['required', Rule::enum(ChoiceKind::class)], 'lock_version' => ['required', 'integer']];
        }

        return [
            'plugged' => ['required', 'integer', 'between:0,200'],
            'places' => ['required', 'integer', 'between:1,6'],
            'neutral' => ['required', 'in:yes,no,unknown'],
            'box_depth' => ['nullable', 'numeric', 'between:10,150'],
            'cables' => ['required', 'integer', 'between:1,12'],
            'is_dimmed' => ['required', 'boolean'],
            'wants_dim' => ['required', 'boolean'],
            'device_depth' => ['required', 'numeric', 'between:5,100'],
            'needs_neutral' => ['required', 'boolean'],
            'lock_version' => ['required', 'integer'],
        ];
    }

    public function kind(): ?ChoiceKind
    {
        return ChoiceKind::tryFrom($this->string('choice')->toString());
    }

    public function place(): SwitchPlace
    {
        return new SwitchPlace(
            $this->integer('plugged'),
            $this->integer('places'),
            match ($this->string('neutral')->toString()) {
                'yes' => true,
                'no' => false,
                default => null,
            },
            $this->filled('box_depth') ? $this->float('box_depth') : null,
            $this->integer('cables'),
            $this->boolean('is_dimmed'),
            $this->boolean('wants_dim'),
            $this->float('device_depth'),
            $this->boolean('needs_neutral'),
        );
    }

    protected function prepareForValidation(): void
    {
        $this->takeDecimalCommas('box_depth', 'device_depth');
    }
}
