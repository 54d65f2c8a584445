<?php

declare(strict_types=1);

namespace App\Http\Requests\Bridge;

use App\Http\Requests\JobRequest;
use Illuminate\Support\Carbon;
use Illuminate\Validation\Rule;
use Kavvel\Core\Bridging\MigrationSchool;

/** What uses an old path, and when that one goes. */
final class MigrationRequest extends JobRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'users' => ['nullable', 'string', 'max:1000'],
            'school' => ['required', Rule::enum(MigrationSchool::class)],
            'until' => ['nullable', Rule::requiredIf(fn (): bool => $this->school() === MigrationSchool::KeepUntilProved), 'date',
                'after_or_equal:today', 'before:+1 year'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['until.required' => 'Say until when both paths may stand side by side.'];
    }

    public function school(): ?MigrationSchool
    {
        return MigrationSchool::tryFrom($this->string('school')->toString());
    }

    public function until(): ?Carbon
    {
        return $this->date('until');
    }
}
