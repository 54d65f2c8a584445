<?php

declare(strict_types=1);

namespace App\Http\Requests\Bridge;

use App\Http\Requests\JobRequest;
use Illuminate\Validation\Rule;
use Kavvel\Core\Bridging\Wrapping;

/** As what a device is to show in an ecosystem. */
final class WrapperRequest extends JobRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'slot' => ['required', 'string', $this->existsInJob('slots')],
            'ecosystem' => ['required', 'string', $this->existsInJob('ecosystems')],
            'wrapping' => ['required', Rule::enum(Wrapping::class)],
        ];
    }

    public function wrapping(): Wrapping
    {
        return Wrapping::from($this->string('wrapping')->toString());
    }
}
