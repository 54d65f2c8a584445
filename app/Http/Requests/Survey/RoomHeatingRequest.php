<?php

declare(strict_types=1);

namespace App\Http\Requests\Survey;

use App\Http\Requests\JobRequest;
use Illuminate\Validation\Rule;
use Kavvel\Core\Heating\HeatKind;

/** How a room is heated; "none": not at all. */
final class RoomHeatingRequest extends JobRequest
{
    public const NONE = 'none';

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'heat' => ['required', Rule::in([self::NONE, ...array_column(HeatKind::cases(), 'value')])],
            'loops' => ['nullable', 'integer', 'between:0,24'],
            'watts' => ['nullable', 'numeric', 'between:0,50000'],
            'hides_thermostat' => ['nullable', 'boolean'],
        ];
    }

    public function kind(): ?HeatKind
    {
        return HeatKind::tryFrom($this->string('heat')->toString());
    }

    protected function prepareForValidation(): void
    {
        $this->takeDecimalCommas('watts');
    }
}
