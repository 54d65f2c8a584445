<?php

declare(strict_types=1);

namespace App\Http\Requests\Pair;

use App\Http\Requests\JobRequest;
use App\Models\Slot;

final class JoinWindowRequest extends JobRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['slot' => ['required', 'string', function (string $attribute, mixed $value, callable $fail): void {
            if (! $this->siteJob()->slots()->where('key', $value)->exists()) {
                $fail('There is no such slot on the plan any more. Open the page again.');
            }
        }]];
    }

    public function slot(): Slot
    {
        return $this->siteJob()->slots()->where('key', $this->string('slot'))->firstOrFail();
    }
}
