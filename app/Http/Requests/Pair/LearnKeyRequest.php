<?php

declare(strict_types=1);

namespace App\Http\Requests\Pair;

use App\Http\Requests\JobRequest;
use Illuminate\Validation\Rule;
use Kavvel\Core\Pairing\LearnAct;

/** A key of a remote; and what was done with it. */
final class LearnKeyRequest extends JobRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'key' => ['required', 'string', 'max:40', 'regex:/[\pL\pN]/u'],
            'learn' => [$this->isMethod('put') ? 'required' : 'nullable', Rule::enum(LearnAct::class)],
            'toggles' => ['nullable', 'boolean'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['key.required' => 'Say which key: “Louder”, “Source 1”.', 'key.regex' => 'A key has a name with a letter or a digit.'];
    }

    public function key(): string
    {
        return $this->string('key')->squish()->toString();
    }

    public function act(): LearnAct
    {
        return LearnAct::from($this->string('learn')->toString());
    }
}
