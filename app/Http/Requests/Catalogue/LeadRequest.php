<?php

declare(strict_types=1);

namespace App\Http\Requests\Catalogue;

use App\Http\Requests\JobRequest;
use App\Models\Role;

/** What a lead alone may ask for. */
class LeadRequest extends JobRequest
{
    public function authorize(): bool
    {
        return $this->person()->role === Role::Lead;
    }
}
