<?php

declare(strict_types=1);

namespace App\Http\Requests\Bridge;

use App\Http\Requests\JobRequest;

/** Which device is tried from all sides. */
final class CrossingRequest extends JobRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['slot' => ['required', 'string', $this->existsInJob('slots')]];
    }
}
