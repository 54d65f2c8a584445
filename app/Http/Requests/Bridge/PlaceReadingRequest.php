<?php

declare(strict_types=1);

namespace App\Http\Requests\Bridge;

use App\Http\Requests\JobRequest;
use App\Stations\Bridge\BridgeLens;
use Illuminate\Validation\Rule;

/** From where it was asked for, to come back there. */
final class PlaceReadingRequest extends JobRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['lens' => ['nullable', Rule::enum(BridgeLens::class)], 'at' => ['nullable', 'string', 'max:120']];
    }

    public function back(): string
    {
        return route('jobs.bridge', array_filter([
            'job' => $this->siteJob(), 'lens' => $this->string('lens')->toString(), 'at' => $this->string('at')->toString(),
        ]));
    }
}
