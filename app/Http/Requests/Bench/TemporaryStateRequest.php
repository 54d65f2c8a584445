<?php

declare(strict_types=1);

namespace App\Http\Requests\Bench;

use App\Http\Requests\JobRequest;
use App\Models\Slot;
use Illuminate\Support\Carbon;

/** Something that is opened only for the work. */
final class TemporaryStateRequest extends JobRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'what' => ['required', 'string', 'max:190'],
            'close_by' => ['nullable', 'date_format:Y-m-d', 'after_or_equal:2000-01-01', 'before:2038-01-01'],
            'slot' => ['nullable', 'string', $this->existsInJob('slots')],
        ];
    }

    public function slot(): ?Slot
    {
        return $this->siteJob()->slots()->where('key', $this->string('slot')->toString())->first();
    }

    public function closeBy(): ?Carbon
    {
        return $this->date('close_by');
    }
}
