<?php

declare(strict_types=1);

namespace App\Http\Requests\Catalogue;

use Illuminate\Validation\Rule;
use Kavvel\Core\Catalogue\LightSign;

/** An entry of the catalogue as a lead writes it. */
final class CatalogueRequest extends LeadRequest
{
    private const MULTILINE = ['nullable', 'string', 'max:2000'];

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:80'],
            'model' => ['required', 'string', 'max:80'],
            'capabilities' => ['required', 'string', 'max:500'],
            'caution' => ['nullable', 'string', 'max:300'],
            'light' => ['nullable', 'required_with:join', 'string', 'max:120'],
            'pattern' => ['required', Rule::in(LightSign::PATTERNS)],
            'colour' => ['required', Rule::in(LightSign::COLOURS)],
            'perSecond' => ['required', 'numeric', 'between:0.1,10'],
            'join' => self::MULTILINE,
            'leave' => self::MULTILINE,
            'needs' => self::MULTILINE,
            'limits' => self::MULTILINE,
            'lock_version' => ['required', 'integer'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'capabilities.required' => 'Say what it can: at least one, with a comma between.',
            'light.required_with' => 'Say what its light does when it waits to be found: “the light blinks twice a second”.',
            'perSecond.between' => 'A light blinks 0.1 to 10 times a second.',
        ];
    }

    /** @return array<string, string> */
    public function fields(): array
    {
        $fields = [];
        foreach (array_keys($this->rules()) as $field) {
            $fields[$field] = $this->string($field)->toString();
        }

        return $fields;
    }

    protected function prepareForValidation(): void
    {
        $this->takeDecimalCommas('perSecond');
    }
}
