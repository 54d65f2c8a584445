<?php

declare(strict_types=1);

namespace App\Http\Requests\Fit;

use App\Models\Circuit;

/** What was found to feed a box, where the breaker that was switched off does not. */
final class WrongBreakerRequest extends FitRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'slot' => ['required', 'string', $this->existsInJob('slots')],
            'circuit' => ['required', 'string', $this->existsInJob('circuits')],
            'breaker' => ['nullable', 'string', 'max:40'],
        ];
    }

    public function found(): Circuit
    {
        return $this->siteJob()->circuits()->where('key', $this->string('circuit')->toString())->firstOrFail();
    }
}
