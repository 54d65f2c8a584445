<?php

declare(strict_types=1);

namespace App\Http\Requests\Bridge;

use App\Http\Requests\JobRequest;

/** Which act of a link a box or an ecosystem is to do. */
final class LinkTellingRequest extends JobRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['link' => ['required', 'string', 'max:255'], 'number' => ['required', 'integer', 'between:0,100']];
    }
}
