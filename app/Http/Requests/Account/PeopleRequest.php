<?php

declare(strict_types=1);

namespace App\Http\Requests\Account;

use App\Http\Requests\JobRequest;
use App\Models\Role;

/** Only leads look at who signs in. */
final class PeopleRequest extends JobRequest
{
    public function authorize(): bool
    {
        return $this->person()->role === Role::Lead;
    }
}
