<?php

declare(strict_types=1);

namespace App\Http\Requests\Account;

use App\Http\Requests\JobRequest;
use App\Models\Role;

/** How the company is reached, as its packs say it. */
final class CompanyRequest extends JobRequest
{
    public function authorize(): bool
    {
        return $this->person()->role === Role::Lead;
    }

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['phone' => ['nullable', 'string', 'max:40'], 'email' => ['nullable', 'email', 'max:120']];
    }

    /** @return array<string, mixed> */
    public function values(): array
    {
        return $this->safe(['phone', 'email']);
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        return ['phone' => 'telephone', 'email' => 'e-mail'];
    }
}
