<?php

declare(strict_types=1);

namespace App\Http\Requests\Bench;

use App\Http\Requests\JobRequest;
use App\Models\Ecosystem;
use Illuminate\Validation\Rule;
use Kavvel\Core\Proving\Rung;

/** About one rung of a slot; that of an ecosystem names it. */
abstract class RungRequest extends JobRequest
{
    public function rung(): Rung
    {
        return Rung::from($this->string('rung')->toString());
    }

    public function ecosystem(): ?Ecosystem
    {
        return $this->rung() !== Rung::Ecosystem ? null
            : $this->siteJob()->ecosystems()->where('key', $this->string('ecosystem')->toString())->firstOrFail();
    }

    /** @return array<string, mixed> */
    protected function rungRules(): array
    {
        return [
            'rung' => ['required', Rule::enum(Rung::class)],
            'ecosystem' => [
                'nullable', 'string', Rule::requiredIf($this->input('rung') === Rung::Ecosystem->value), $this->existsInJob('ecosystems'),
            ],
        ];
    }
}
