<?php

declare(strict_types=1);

namespace App\Http\Requests\Survey;

use App\Http\Requests\JobRequest;
use App\Models\Room;

/** Another trade worked in a room; or how many of a purpose the designer counts. */
final class SiteWorkRequest extends JobRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return $this->filled('purpose') ? [
            'purpose' => ['required', 'string', 'max:40'], 'count' => ['nullable', 'integer', 'between:0,5000'],
        ] : [
            'room' => ['required', 'string', 'max:80', function (string $attribute, mixed $value, callable $fail): void {
                if (! $this->siteJob()->rooms()->where('key', $value)->exists()) {
                    $fail('That room is no longer on the plan.');
                }
            }],
            'trade' => ['required', 'string', 'max:80'],
        ];
    }

    public function room(): Room
    {
        return $this->siteJob()->rooms()->where('key', $this->string('room'))->firstOrFail();
    }
}
