<?php

declare(strict_types=1);

namespace App\Http\Requests\Survey;

use App\Http\Requests\JobRequest;
use App\Models\Room;
use Illuminate\Validation\Rule;

/** Something that closes. Its rooms come as one field each: room_ and the number of the room. */
final class ClosingRequest extends JobRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'closing' => ['required', 'string', 'max:120'],
            'trade' => ['required', 'string', 'max:80'],
            'closes_on' => ['required', 'date_format:Y-m-d', 'after:2000-01-01', 'before:2038-01-01'],
            'lead_days' => ['nullable', 'integer', 'between:0,365'],
            'fitting_days' => ['nullable', 'integer', 'between:0,365'],
            'lock_version' => [Rule::requiredIf($this->isMethod('put')), 'integer'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['closing.required' => 'Say what closes, for example “plaster, upper floor”.'];
    }

    /** @return array<string, mixed> columns of the closing */
    public function values(): array
    {
        return [
            'name' => $this->string('closing')->squish()->toString(),
            'trade' => $this->string('trade')->squish()->toString(),
            'closes_on' => $this->string('closes_on')->toString(),
            'lead_days' => $this->integer('lead_days'),
            'fitting_days' => $this->integer('fitting_days'),
            'rooms' => array_values($this->siteJob()->rooms()->orderBy('id')->get()
                ->filter(fn (Room $room): bool => $this->boolean("room_{$room->id}"))
                ->map(static fn (Room $room): string => $room->key)->all()),
        ];
    }
}
