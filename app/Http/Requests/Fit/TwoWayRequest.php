<?php

declare(strict_types=1);

namespace App\Http\Requests\Fit;

use Illuminate\Validation\Rule;
use Kavvel\Core\Catalogue\TwoWaySide;
use Kavvel\Core\Fit\TwoWayTest;
use Kavvel\Core\Input\Input;

/** What was read at the common terminal of a two-way switch in each position, and whether the lamp was lit. */
final class TwoWayRequest extends FitRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        $rules = ['traced' => ['nullable', Rule::enum(TwoWaySide::class)]];
        $isRead = $this->isMethod('put') && ! $this->filled('traced');
        foreach (array_keys(TwoWayTest::POSITIONS) as $position) {
            $rules["live_{$position}"] = $rules["lit_{$position}"] = [$isRead ? 'required' : 'nullable', 'boolean'];
        }

        return $rules;
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['required' => 'Read the common and look at the lamp in all four positions.'];
    }

    public function test(): TwoWayTest
    {
        $traced = $this->enum('traced', TwoWaySide::class);
        if ($traced !== null) {
            return TwoWayTest::traced($traced);
        }
        $read = fn (string $what): array => array_map(
            fn (int $position): bool => $this->boolean("{$what}_{$position}"),
            array_keys(TwoWayTest::POSITIONS),
        );

        return TwoWayTest::fromInput(Input::of(['isLive' => $read('live'), 'isLit' => $read('lit')]));
    }
}
