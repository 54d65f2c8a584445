<?php

declare(strict_types=1);

namespace App\Http\Requests\Survey;

use App\Http\Requests\JobRequest;
use App\Models\Circuit;
use Illuminate\Validation\Rule;
use Kavvel\Core\Circuits\Grip;
use Kavvel\Core\Circuits\KeyEffect;
use Kavvel\Core\Circuits\Press;
use Kavvel\Core\Circuits\Way;

/** What a key does; or a new button beside a door, which has nothing but its circuit and its profile yet. */
final class KeyUseRequest extends JobRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        $circuit = ['required', 'string', function (string $attribute, mixed $value, callable $fail): void {
            if (! $this->siteJob()->circuits()->where('key', $value)->exists()) {
                $fail('That circuit is no longer on the register.');
            }
        }];

        return $this->filled('opening') ? [
            'circuit' => $circuit, 'opening' => ['required', 'string', 'max:200'], 'profile' => ['required', 'string', 'max:80'],
            'seen' => ['nullable', Rule::enum(Way::class)],
        ] : [
            'circuit' => $circuit,
            'control' => ['required', 'string', 'max:90'],
            'number' => ['required', 'integer', 'between:1,12'],
            'press' => ['required', Rule::enum(Press::class)],
            'effect' => ['required', Rule::enum(KeyEffect::class)],
            'way' => ['required', Rule::enum(Way::class)],
            'room' => ['nullable', 'string', 'max:80'],
        ];
    }

    public function circuit(): Circuit
    {
        return $this->siteJob()->circuits()->where('key', $this->string('circuit'))->firstOrFail();
    }

    public function seen(): ?Way
    {
        return Way::tryFrom($this->string('seen')->toString());
    }

    public function grip(): Grip
    {
        $word = fn (string $field): string => $this->string($field)->toString();

        return new Grip(
            $word('control'),
            $this->integer('number'),
            Press::from($word('press')),
            $word('circuit'),
            KeyEffect::from($word('effect')),
            Way::from($word('way')),
            $word('room') ?: null,
        );
    }
}
