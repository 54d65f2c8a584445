<?php

declare(strict_types=1);

namespace App\Http\Requests\Survey;

use App\Http\Requests\JobRequest;
use Illuminate\Validation\Rule;
use Kavvel\Core\Drops\DropCode;

/** The code that buried cables follow. */
final class DropCodeRequest extends JobRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['drop_code' => ['required', Rule::enum(DropCode::class)]];
    }

    public function code(): DropCode
    {
        return DropCode::from($this->string('drop_code')->toString());
    }
}
