<?php

declare(strict_types=1);

namespace App\Http\Requests\Survey;

use App\Http\Requests\JobRequest;
use App\Models\Profile;
use Illuminate\Validation\Rule;
use Kavvel\Core\Existing\Fate;
use Kavvel\Core\Existing\Holder;
use Kavvel\Core\Protocol\Protocol;

/** A device that was there before. Its kind is a profile of the catalogue ("profile …") or no more than its protocol ("protocol …"). */
final class ExistingDeviceRequest extends JobRequest
{
    private const PROFILE = 'profile ';

    private const PROTOCOL = 'protocol ';

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'what' => ['required', 'string', 'max:120'],
            'room' => ['required', 'string', $this->existsInJob('rooms')],
            'kind' => ['required', 'string', 'max:100', Rule::in($this->kinds())],
            'holder' => ['required', Rule::enum(Holder::class)],
            'holder_name' => ['nullable', 'string', 'max:120'],
            'fate' => ['required', Rule::enum(Fate::class)],
            'note' => ['nullable', 'string', 'max:255'],
            'lock_version' => [Rule::requiredIf($this->isMethod('put')), 'integer'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'what.required' => 'Say what it is, for example “ceiling lamp”.',
            'room.exists' => 'That room is no longer on the plan. Choose another.',
            'kind.required' => 'Choose what it is out of the list: a model of the catalogue, or its protocol.',
            'kind.in' => 'Choose what it is out of the list: a model of the catalogue, or its protocol.',
        ];
    }

    /** @return array<string, mixed> columns of the device */
    public function values(): array
    {
        $kind = $this->string('kind')->toString();
        $profile = str_starts_with($kind, self::PROFILE)
            ? Profile::query()->where('key', substr($kind, strlen(self::PROFILE)))->firstOrFail()
            : null;

        return [
            'what' => $this->string('what')->squish()->toString(),
            'room' => $this->string('room')->toString(),
            'protocol' => $profile === null
                ? substr($kind, strlen(self::PROTOCOL))
                : $profile->core($this->siteJob()->region)->protocol->value,
            'profile_id' => $profile?->id,
            'holder' => $this->string('holder')->toString(),
            'holder_name' => $this->string('holder_name')->squish()->toString(),
            'fate' => $this->string('fate')->toString(),
            'note' => $this->string('note')->squish()->toString(),
        ];
    }

    /** @return list<string> */
    private function kinds(): array
    {
        return [
            ...array_values(Profile::query()->pluck('key')->map(static fn (string $key): string => self::PROFILE.$key)->all()),
            ...array_map(static fn (string $protocol): string => self::PROTOCOL.$protocol, Protocol::words()),
        ];
    }
}
