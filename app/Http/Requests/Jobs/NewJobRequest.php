<?php

declare(strict_types=1);

namespace App\Http\Requests\Jobs;

use App\Http\Requests\JobRequest;
use App\Models\SiteJob;
use Illuminate\Validation\Rule;
use Kavvel\Core\Protocol\Region;
use Kavvel\Core\Survey\Mains;

/** What a job is begun with. */
final class NewJobRequest extends JobRequest
{
    public function authorize(): bool
    {
        return $this->person()->can('create', SiteJob::class);
    }

    protected function prepareForValidation(): void
    {
        $this->takeDecimalCommas('latitude', 'longitude');
    }

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:80', 'regex:/[\pL\pN]/u'],
            'client_name' => ['required', 'string', 'max:120'],
            'address' => ['required', 'string', 'max:200'],
            'region' => ['required', Rule::enum(Region::class)],
            'mains' => ['required', Rule::enum(Mains::class)],
            'latitude' => ['nullable', 'required_with:longitude', 'numeric', 'between:-90,90'],
            'longitude' => ['nullable', 'required_with:latitude', 'numeric', 'between:-180,180'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name.required' => 'Say what the job is called, for example by its house.',
            'name.regex' => 'The name of a job has at least one letter or digit.',
            'client_name.required' => 'Say who the client is.',
            'address.required' => 'Say where the house is.',
            'latitude.required_with' => 'The sun needs both: latitude and longitude.',
            'longitude.required_with' => 'The sun needs both: latitude and longitude.',
        ];
    }

    /** @return array<string, mixed> */
    public function values(): array
    {
        return $this->safe(['name', 'client_name', 'address', 'region', 'mains', 'latitude', 'longitude']);
    }
}
