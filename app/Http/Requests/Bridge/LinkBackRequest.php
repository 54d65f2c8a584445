<?php

declare(strict_types=1);

namespace App\Http\Requests\Bridge;

use App\Http\Requests\JobRequest;
use Illuminate\Validation\Rule;
use Kavvel\Core\Bridging\ActKind;

/** To which act of a link it goes back. */
final class LinkBackRequest extends JobRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['to' => ['required', Rule::enum(ActKind::class)]];
    }

    public function act(): ActKind
    {
        return ActKind::from($this->string('to')->toString());
    }
}
