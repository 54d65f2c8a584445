<?php

declare(strict_types=1);

namespace App\Http\Requests\Jobs;

use App\Http\Requests\JobRequest;
use App\Models\SiteJob;

final class ImportJobRequest extends JobRequest
{
    /** As much as the web server and PHP let through */
    private const KILOBYTES = 20_480;

    public function authorize(): bool
    {
        return $this->person()->can('create', SiteJob::class);
    }

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['file' => ['required', 'file', 'max:'.self::KILOBYTES]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'file.required' => 'Choose a job file first.', 'file.max' => 'A job file has at most 20 MB.',
            'file.uploaded' => 'A job file has at most 20 MB.',
        ];
    }

    public function jobFile(): string
    {
        return (string) file_get_contents($this->file('file')->getRealPath());
    }
}
