<?php

declare(strict_types=1);

namespace App\Http\Requests\Pair;

use App\Http\Requests\JobRequest;
use App\Models\Profile;
use Illuminate\Validation\Rule;
use Kavvel\Core\Replacing\ReplaceReason;

/** Another device takes the place of one. */
final class ReplacementRequest extends JobRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        $ofCompany = Rule::exists('profiles', 'key')->where('company_id', $this->siteJob()->company_id);

        return [
            'reason' => ['required', Rule::enum(ReplaceReason::class)],
            'profile' => ['nullable', 'string', 'max:80', $ofCompany],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['reason.required' => 'Say why it is replaced.', 'profile.exists' => 'That model is not in the catalogue any more.'];
    }

    public function reason(): ReplaceReason
    {
        return ReplaceReason::from($this->string('reason')->toString());
    }

    public function with(): ?Profile
    {
        return $this->filled('profile') ? Profile::query()->where('key', $this->string('profile'))->firstOrFail() : null;
    }
}
