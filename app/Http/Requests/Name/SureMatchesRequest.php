<?php

declare(strict_types=1);

namespace App\Http\Requests\Name;

use App\Http\Requests\JobRequest;

/** Those devices that can only be one each, as they were seen. */
final class SureMatchesRequest extends JobRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['seen' => ['required', 'string', 'max:20000']];
    }

    /** @return list<string> "slot=address" */
    public function seen(): array
    {
        return explode(' ', $this->string('seen')->toString());
    }
}
