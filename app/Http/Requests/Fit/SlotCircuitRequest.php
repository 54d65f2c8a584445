<?php

declare(strict_types=1);

namespace App\Http\Requests\Fit;

use App\Models\Circuit;

/** The circuit that feeds a device. */
final class SlotCircuitRequest extends FitRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['circuit' => ['required', 'string', $this->existsInJob('circuits')]];
    }

    public function circuit(): Circuit
    {
        return $this->siteJob()->circuits()->where('key', $this->string('circuit')->toString())->firstOrFail();
    }
}
