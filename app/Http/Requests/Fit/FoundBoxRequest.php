<?php

declare(strict_types=1);

namespace App\Http\Requests\Fit;

use Illuminate\Validation\Rule;
use Kavvel\Core\Fit\FoundBox;
use Kavvel\Core\Fit\NeutralFound;

/** A box as it was found. */
final class FoundBoxRequest extends FitRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'depth_mm' => ['required', 'numeric', 'min:5', 'max:300'],
            'spacer_mm' => ['nullable', 'numeric', 'min:0', 'max:100'],
            'cables' => ['required', 'integer', 'min:1', 'max:20'],
            'ganged' => ['required', 'integer', 'min:1', 'max:10'],
            'neutral' => ['required', Rule::enum(NeutralFound::class)],
            'is_metal' => ['boolean'],
            'has_barrier' => ['boolean'],
            'has_bypass' => ['boolean'],
            'lock_version' => ['required', 'integer'],
        ];
    }

    public function box(): FoundBox
    {
        return new FoundBox(
            $this->float('depth_mm'),
            $this->float('spacer_mm'),
            $this->integer('cables'),
            $this->integer('ganged'),
            NeutralFound::from($this->string('neutral')->toString()),
            $this->boolean('is_metal'),
            $this->boolean('has_barrier'),
            $this->boolean('has_bypass'),
        );
    }

    protected function prepareForValidation(): void
    {
        $this->takeDecimalCommas('depth_mm', 'spacer_mm');
    }
}
