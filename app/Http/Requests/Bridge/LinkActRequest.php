<?php

declare(strict_types=1);

namespace App\Http\Requests\Bridge;

use App\Http\Requests\JobRequest;

/** An act of a link, and what belongs to it. */
final class LinkActRequest extends JobRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'link' => ['required', 'string', 'max:255'],
            'number' => ['required', 'integer', 'between:0,100'],
            'said' => ['nullable', 'string', 'max:512'],
            'anyway' => ['nullable', 'boolean'],
        ];
    }

    public function said(): string
    {
        return $this->string('said')->squish()->toString();
    }
}
