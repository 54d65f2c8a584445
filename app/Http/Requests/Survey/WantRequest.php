<?php

declare(strict_types=1);

namespace App\Http\Requests\Survey;

use App\Http\Requests\JobRequest;
use App\Models\Room;
use App\Stations\Survey\Wants\Pen;
use Closure;
use Illuminate\Validation\Rule;
use Kavvel\Core\Wants\WantedBy;
use Kavvel\Core\Wants\WantedFrom;
use Kavvel\Core\Wants\WantedFunction;

/** One touch on the grid of wants. */
final class WantRequest extends JobRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'room' => ['required', 'string', function (string $attribute, mixed $value, Closure $fail): void {
                if (! $this->siteJob()->rooms()->where('key', $value)->exists()) {
                    $fail('That room is no longer on the plan.');
                }
            }],
            'function' => ['required', Rule::enum(WantedFunction::class)],
            'by' => ['required', Rule::enum(WantedBy::class)],
            'from' => ['required', Rule::enum(WantedFrom::class)],
        ];
    }

    public function room(): Room
    {
        return $this->siteJob()->rooms()->where('key', $this->string('room'))->firstOrFail();
    }

    public function wanted(): WantedFunction
    {
        return WantedFunction::from($this->string('function')->toString());
    }

    public function pen(): Pen
    {
        return new Pen(
            $this->wanted()->group(),
            WantedBy::from($this->string('by')->toString()),
            WantedFrom::from($this->string('from')->toString()),
        );
    }
}
