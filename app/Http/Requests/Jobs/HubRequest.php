<?php

declare(strict_types=1);

namespace App\Http\Requests\Jobs;

use App\Http\Requests\JobRequest;
use App\Models\Room;

/** A hub that comes onto the plan. */
final class HubRequest extends JobRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['name' => ['required', 'string', 'max:80'], 'room' => ['required', 'string', function (
            string $attribute,
            mixed $value,
            callable $fail,
        ): void {
            if (! $this->siteJob()->rooms()->where('key', $value)->exists()) {
                $fail('There is no such room on the plan. Add the room first.');
            }
        }]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name.required' => 'Say what the hub is called.',
            'room.required' => 'Say which room it stands in. An empty plan needs its rooms first.',
        ];
    }

    public function room(): Room
    {
        return $this->siteJob()->rooms()->where('key', $this->string('room'))->firstOrFail();
    }

    /** Where the person was when the hub was put: at the survey, or on the page of all jobs. */
    public function back(): string
    {
        return $this->input('from') === 'survey' ? route('jobs.survey', $this->siteJob()) : route('jobs.index');
    }
}
