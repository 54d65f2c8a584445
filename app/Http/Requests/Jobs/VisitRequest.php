<?php

declare(strict_types=1);

namespace App\Http\Requests\Jobs;

use App\Http\Requests\JobRequest;

final class VisitRequest extends JobRequest
{
    private const MOST_VISITS = 99;

    private const MOST_MINUTES = 10_000;

    /** @return array<string, mixed> */
    public function rules(): array
    {
        $minutes = ['required', 'integer', 'min:0', 'max:'.self::MOST_MINUTES];

        return [
            'visit_number' => ['required', 'integer', 'min:1', 'lte:visit_of'],
            'visit_of' => ['required', 'integer', 'min:1', 'max:'.self::MOST_VISITS],
            'planned_minutes' => $minutes, 'used_minutes' => $minutes, 'lock_version' => ['required', 'integer'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['visit_number.lte' => 'The visit comes after the last one: raise the number of visits first.'];
    }

    /** @return array<string, mixed> */
    public function values(): array
    {
        return $this->safe(['visit_number', 'visit_of', 'planned_minutes', 'used_minutes']);
    }
}
