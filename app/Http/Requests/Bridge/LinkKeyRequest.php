<?php

declare(strict_types=1);

namespace App\Http\Requests\Bridge;

use App\Http\Requests\JobRequest;

/** A key that is carried from one side of a link to the other. */
final class LinkKeyRequest extends JobRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['link' => ['required', 'string', 'max:255'], 'secret' => ['required', 'string', 'max:512']];
    }
}
