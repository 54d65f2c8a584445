<?php

declare(strict_types=1);

namespace App\Http\Requests\Fit;

use Illuminate\Validation\Rule;

/** What is changed so that a device fits. */
final class FitChangeRequest extends FitRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['change' => ['required', Rule::in(['spacer', 'bypass', 'dims', 'does-not-dim'])]];
    }

    public function change(): string
    {
        return $this->string('change')->toString();
    }
}
