<?php

declare(strict_types=1);

namespace App\Http\Requests\Pair;

use App\Http\Requests\JobRequest;
use Illuminate\Validation\Rule;
use Kavvel\Core\Pairing\LearnSchool;

/** By which school a sender is taught. */
final class LearnSchoolRequest extends JobRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['learn_school' => ['required', Rule::enum(LearnSchool::class)]];
    }

    public function school(): LearnSchool
    {
        return LearnSchool::from($this->string('learn_school')->toString());
    }
}
