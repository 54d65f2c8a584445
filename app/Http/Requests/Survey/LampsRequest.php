<?php

declare(strict_types=1);

namespace App\Http\Requests\Survey;

use App\Http\Requests\JobRequest;
use Illuminate\Validation\Rule;
use Kavvel\Core\Circuits\Dimmable;
use Kavvel\Core\Circuits\Lamps;

/** Lamps alike on a circuit, or which of those that are noted come off. */
final class LampsRequest extends JobRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return $this->isMethod('delete') ? ['number' => ['required', 'integer', 'min:0'], 'lock_version' => ['required', 'integer']] : [
            'room' => ['required', 'string', 'max:80'],
            'count' => ['required', 'integer', 'between:1,200'],
            'watts' => ['required', 'numeric', 'min:0.1', 'max:2000'],
            'dimmable' => ['required', Rule::enum(Dimmable::class)],
            'lock_version' => ['required', 'integer'],
        ];
    }

    public function lamps(): Lamps
    {
        return new Lamps(
            $this->string('room')->toString(),
            $this->integer('count'),
            $this->float('watts'),
            Dimmable::from($this->string('dimmable')->toString()),
        );
    }

    protected function prepareForValidation(): void
    {
        $this->takeDecimalCommas('watts');
    }
}
