<?php

declare(strict_types=1);

namespace App\Http\Requests\Bench;

use App\Http\Requests\JobRequest;
use Closure;
use Illuminate\Validation\Rule;
use Kavvel\Core\Bridging\Wrapper;
use Kavvel\Core\Proving\LadderStep;
use Kavvel\Core\Proving\Rung;

/** About one rung of a slot; that of an ecosystem names it. */
abstract class RungRequest extends JobRequest
{
    public function rung(): Rung
    {
        return Rung::from($this->string('rung')->toString());
    }

    public function step(): LadderStep
    {
        if ($this->rung() !== Rung::Ecosystem) {
            return LadderStep::own($this->rung());
        }
        $into = $this->string('ecosystem')->toString();

        return LadderStep::into($into, Wrapper::rungWords($into, (string) $this->ecosystem($into)));
    }

    /** @return array<string, mixed> */
    protected function rungRules(): array
    {
        return [
            'rung' => ['required', Rule::enum(Rung::class)],
            'ecosystem' => [
                'nullable', 'string', Rule::requiredIf($this->input('rung') === Rung::Ecosystem->value), 'max:80',
                function (string $at, mixed $into, Closure $fail): void {
                    if (! Wrapper::isRung((string) $into) || $this->ecosystem((string) $into) === null) {
                        $fail('validation.exists')->translate();
                    }
                },
            ],
        ];
    }

    /** Its name; null: the job has none of this key. */
    private function ecosystem(string $into): ?string
    {
        return $this->siteJob()->ecosystems()->where('key', Wrapper::ecosystemOf($into))->value('name');
    }
}
