<?php

declare(strict_types=1);

namespace App\Http\Requests\Bridge;

use App\Http\Requests\JobRequest;

/** Which link is put off. */
final class LinkDelayRequest extends JobRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['link' => ['required', 'string', 'max:255']];
    }
}
