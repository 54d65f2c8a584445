<?php

declare(strict_types=1);

namespace App\Http\Requests\Fit;

use Illuminate\Validation\Rule;
use Kavvel\Core\Fit\Hanging;
use Kavvel\Core\Fit\HangStep;

/** A step at a powered blind. */
final class HangStepRequest extends FitRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'hang_step' => ['required', Rule::enum(HangStep::class)],
            'fixing' => ['nullable', Rule::in([Hanging::SCREWS, Hanging::ADHESIVE])],
        ];
    }

    public function step(): HangStep
    {
        return HangStep::from($this->string('hang_step')->toString());
    }
}
