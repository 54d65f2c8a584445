<?php

declare(strict_types=1);

namespace App\Http\Requests\Bridge;

use App\Http\Requests\JobRequest;

/** Which export of a box. */
final class BoxListRequest extends JobRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['form' => ['required', 'string', 'max:40']];
    }
}
