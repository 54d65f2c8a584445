<?php

declare(strict_types=1);

namespace App\Http\Requests\Survey;

use App\Http\Requests\JobRequest;
use App\Models\Room;
use Illuminate\Validation\Rule;
use Kavvel\Core\Circuits\CircuitKind;

/** A circuit as it is read off its board. Its rooms come as one field each: room_ and the number of the room. */
final class CircuitRequest extends JobRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'label' => ['required', 'string', 'max:120'],
            'kind' => ['required', Rule::enum(CircuitKind::class)],
            'breaker' => ['nullable', 'string', 'max:40'],
            'breaker_a' => ['nullable', 'numeric', 'min:0.5', 'max:1000'],
            'rcd' => ['nullable', 'string', 'max:60'],
            'phase' => ['nullable', 'string', 'max:10'],
            'channel' => ['nullable', 'string', 'max:40'],
            'channel_w' => ['nullable', 'numeric', 'min:1', 'max:100000'],
            'lock_version' => [Rule::requiredIf($this->isMethod('put')), 'integer'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['label.required' => 'Say what its label at the board says, for example “kitchen lights”.'];
    }

    /** @return array<string, mixed> columns of the circuit */
    public function values(): array
    {
        $text = fn (string $field): ?string => $this->string($field)->squish()->toString() ?: null;
        $number = fn (string $field): ?float => $this->filled($field) ? $this->float($field) : null;

        return [
            'label' => (string) $text('label'),
            'kind' => $this->string('kind')->toString(),
            'breaker' => (string) $text('breaker'),
            'breaker_a' => $number('breaker_a'),
            'rcd' => $text('rcd'),
            'phase' => $text('phase'),
            'channel' => $text('channel'),
            'channel_w' => $number('channel_w'),
            'rooms' => array_values($this->siteJob()->rooms()->orderBy('id')->get()
                ->filter(fn (Room $room): bool => $this->boolean("room_{$room->id}"))
                ->map(static fn (Room $room): string => $room->key)->all()),
        ];
    }

    protected function prepareForValidation(): void
    {
        $this->takeDecimalCommas('breaker_a', 'channel_w');
    }
}
