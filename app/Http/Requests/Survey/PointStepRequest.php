<?php

declare(strict_types=1);

namespace App\Http\Requests\Survey;

use App\Http\Requests\JobRequest;
use App\Pictures\Pictures;
use Illuminate\Http\UploadedFile;
use Illuminate\Validation\Rule;
use Kavvel\Core\Closing\PointStep;

/** A step that was done to a point, with its photograph where it is one. */
final class PointStepRequest extends JobRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'point' => ['required', 'string', 'max:80'],
            'step' => ['required', Rule::enum(PointStep::class)],
            'picture' => ['nullable', 'file', 'max:'.Pictures::MOST_KB],
        ];
    }

    public function step(): PointStep
    {
        return PointStep::from($this->string('step')->toString());
    }

    public function picture(): ?string
    {
        $file = $this->file('picture');

        return $file instanceof UploadedFile ? (string) $file->get() : null;
    }

    public function back(): string
    {
        return route('jobs.survey', ['job' => $this->siteJob(), 'lens' => 'closings', 'at' => 'point '.$this->string('point')]);
    }
}
