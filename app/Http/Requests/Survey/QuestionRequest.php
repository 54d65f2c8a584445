<?php

declare(strict_types=1);

namespace App\Http\Requests\Survey;

use App\Http\Requests\JobRequest;
use App\Models\Closing;
use Illuminate\Validation\Rule;

/** A question to somebody. Its day is that of a closing, or one of its own; its two sources come as who_1, says_1, who_2, says_2. */
final class QuestionRequest extends JobRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        $source = ['nullable', 'string', 'max:120'];

        return [
            'text' => ['required', 'string', 'max:500'],
            'owner' => ['required', 'string', 'max:120'],
            'trade' => ['nullable', 'string', 'max:80'],
            'cost_effect' => ['nullable', 'string', 'max:255'],
            'otherwise' => ['required', 'string', 'max:500'],
            'closing' => ['nullable', 'string', 'max:80', $this->existsInJob('closings')],
            'due_on' => ['required_without:closing', 'nullable', 'date_format:Y-m-d', 'after:2000-01-01', 'before:2038-01-01'],
            'about' => ['nullable', 'string', 'max:190'],
            'who_1' => [...$source, 'required_with:says_1,who_2,says_2'],
            'says_1' => [...$source, 'required_with:who_1,who_2,says_2'],
            'who_2' => [...$source, 'required_with:who_1,says_1,says_2'],
            'says_2' => [...$source, 'required_with:who_1,says_1,who_2'],
            'lock_version' => [Rule::requiredIf($this->isMethod('put')), 'integer'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        $both = 'Two sources disagree: say of both who it is and what they say.';

        return [
            'text.required' => 'Write what is asked.',
            'owner.required' => 'Say who can answer it.',
            'otherwise.required' => 'Say what happens where nobody answers: the work goes on by then.',
            'due_on.required_without' => 'Give it a day, or a closing that it has to come before.',
            'closing.exists' => 'That closing is no longer there. Choose another, or give it a day.',
            'who_1.required_with' => $both, 'says_1.required_with' => $both, 'who_2.required_with' => $both,
            'says_2.required_with' => $both,
        ];
    }

    /** @return array<string, mixed> columns of the question */
    public function values(): array
    {
        $text = fn (string $field): string => $this->string($field)->squish()->toString();
        $closing = $this->filled('closing')
            ? Closing::query()->where('site_job_id', $this->siteJob()->id)->where('key', $text('closing'))->firstOrFail()
            : null;

        return [
            'text' => $this->string('text')->trim()->toString(),
            'owner' => $text('owner'),
            'trade' => $text('trade'),
            'cost_effect' => $text('cost_effect'),
            'otherwise' => $this->string('otherwise')->trim()->toString(),
            'closing_id' => $closing?->id,
            'due_on' => $closing?->core()->questionsBy()->format('Y-m-d') ?? $text('due_on'),
            'sources' => $this->filled('who_1')
                ? [['who' => $text('who_1'), 'says' => $text('says_1')], ['who' => $text('who_2'), 'says' => $text('says_2')]]
                : null,
            ...$this->isMethod('put') ? [] : ['about' => $this->filled('about') ? $text('about') : null],
        ];
    }
}
