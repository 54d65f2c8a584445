<?php

declare(strict_types=1);

namespace App\Http\Requests\Survey;

use App\Http\Requests\JobRequest;

/** An entrance that may stay dark, or is to be switched after all. */
final class DarkDoorRequest extends JobRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['opening' => ['required', 'string', 'max:200'], 'is_left' => ['required', 'boolean']];
    }
}
