<?php

declare(strict_types=1);

namespace App\Http\Requests\Fit;

use App\Models\Circuit;
use Illuminate\Validation\Rule;

/** What was found to feed a box, where the breaker that was switched off does not. */
final class WrongBreakerRequest extends FitRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        $ofJob = static fn (string $table, int $job) => Rule::exists($table, 'key')->where('site_job_id', $job);

        return [
            'slot' => ['required', 'string', $ofJob('slots', $this->siteJob()->id)],
            'circuit' => ['required', 'string', $ofJob('circuits', $this->siteJob()->id)],
            'breaker' => ['nullable', 'string', 'max:40'],
        ];
    }

    public function found(): Circuit
    {
        return $this->siteJob()->circuits()->where('key', $this->string('circuit')->toString())->firstOrFail();
    }
}
