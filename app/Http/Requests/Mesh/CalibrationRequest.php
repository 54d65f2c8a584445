<?php

declare(strict_types=1);

namespace App\Http\Requests\Mesh;

use App\Http\Requests\JobRequest;

/** The clutter of the house as the page showed it: another may have read a radio since. */
final class CalibrationRequest extends JobRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['constant' => ['required', 'numeric'], 'slope' => ['required', 'numeric'], 'lock_version' => ['required', 'integer']];
    }

    /** @return array{float, float} in dB, and dB for each metre */
    public function shown(): array
    {
        return [$this->float('constant'), $this->float('slope')];
    }
}
