<?php

declare(strict_types=1);

namespace App\Http\Requests\Survey;

use App\Http\Requests\JobRequest;
use App\Models\Storey;
use Kavvel\Core\Input\InvalidInput;
use Kavvel\Core\Survey\MeasuredRoom;

/** A room as it is measured. */
final class RoomRequest extends JobRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['storey' => ['required', 'string'], 'measured' => ['required', 'string', 'max:120', self::isMeasured(...)]];
    }

    private static function isMeasured(string $attribute, mixed $value, callable $fail): void
    {
        try {
            MeasuredRoom::parse((string) $value);
        } catch (InvalidInput $refused) {
            $fail($refused->getMessage());
        }
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['measured.required' => 'Type the room as you measured it, for example “kitchen 4.2 x 3.6”.'];
    }

    public function storey(): Storey
    {
        return $this->siteJob()->storeys()->where('key', $this->string('storey'))->firstOrFail();
    }

    public function measured(): MeasuredRoom
    {
        return MeasuredRoom::parse($this->string('measured')->toString());
    }
}
