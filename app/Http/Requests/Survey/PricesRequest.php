<?php

declare(strict_types=1);

namespace App\Http\Requests\Survey;

use App\Http\Requests\JobRequest;
use App\Stations\Survey\SurveyLens;
use Kavvel\Core\Circuits\Prices;

/** What things cost on a job; what is left empty stays as it is. */
final class PricesRequest extends JobRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            ...array_fill_keys(array_keys(Prices::USUAL), ['nullable', 'numeric', 'between:0,100000']),
            'lens' => ['nullable', 'in:'.SurveyLens::Circuits->value.','.SurveyLens::Heating->value],
            'at' => ['nullable', 'string', 'max:80'],
        ];
    }

    /** @return array<string, float> */
    public function prices(): array
    {
        $said = array_filter(array_keys(Prices::USUAL), $this->filled(...));

        return array_combine($said, array_map(fn (string $what): float => $this->float($what), $said));
    }

    public function back(): string
    {
        $lens = $this->string('lens')->toString() ?: SurveyLens::Circuits->value;

        return route('jobs.survey', ['job' => $this->siteJob(), 'lens' => $lens, 'at' => $this->input('at')]);
    }

    protected function prepareForValidation(): void
    {
        $this->takeDecimalCommas(...array_keys(Prices::USUAL));
    }
}
