<?php

declare(strict_types=1);

namespace App\Http\Requests\Jobs;

use App\Http\Requests\JobRequest;

final class ClientRequest extends JobRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'client_name' => ['required', 'string', 'max:120'], 'client_email' => ['nullable', 'email', 'max:120'],
            'client_phone' => ['nullable', 'string', 'max:40'],
            'address' => ['required', 'string', 'max:200'],
            'lock_version' => ['required', 'integer'],
        ];
    }

    /** @return array<string, mixed> */
    public function values(): array
    {
        return $this->safe(['client_name', 'client_email', 'client_phone', 'address']);
    }
}
