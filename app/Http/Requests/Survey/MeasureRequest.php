<?php

declare(strict_types=1);

namespace App\Http\Requests\Survey;

use App\Http\Requests\JobRequest;
use Illuminate\Validation\Rule;
use Kavvel\Core\Catalogue\BlindKind;
use Kavvel\Core\Measuring\DoorMeasures;
use Kavvel\Core\Measuring\Hand;
use Kavvel\Core\Measuring\SeenFrom;
use Kavvel\Core\Measuring\WindowMeasures;

/** What was measured of a door or window. What is left empty was not measured. */
final class MeasureRequest extends JobRequest
{
    private const NUMBERS = [
        'thickness_mm', 'backset_mm', 'free_mm', 'cylinder_mm', 'width_m', 'drop_m', 'depth_mm', 'bearing',
    ];

    /** @return array<string, mixed> */
    public function rules(): array
    {
        $millimetres = ['nullable', 'numeric', 'between:0,'.DoorMeasures::MOST_MM];
        $metres = ['nullable', 'numeric', 'between:0,'.WindowMeasures::MOST_M];

        return [
            'opening' => ['required', 'string', 'max:220'],
            'lock_version' => ['required', 'integer'],
            'thickness_mm' => $millimetres, 'backset_mm' => $millimetres, 'free_mm' => $millimetres, 'cylinder_mm' => $millimetres,
            'hinges' => ['nullable', Rule::enum(Hand::class)],
            'key_inside' => ['nullable', 'in:0,1'],
            'kind' => ['nullable', Rule::enum(BlindKind::class)],
            'width_m' => $metres, 'drop_m' => $metres, 'depth_mm' => $millimetres,
            'motor' => ['nullable', Rule::enum(Hand::class)],
            'bearing' => ['nullable', 'numeric', 'between:0,360'],
            'seen_from' => ['nullable', Rule::enum(SeenFrom::class)],
        ];
    }

    public function door(): DoorMeasures
    {
        return new DoorMeasures(
            $this->number('thickness_mm'),
            $this->number('backset_mm'),
            $this->number('free_mm'),
            $this->number('cylinder_mm'),
            Hand::tryFrom($this->string('hinges')->toString()),
            $this->filled('key_inside') ? $this->boolean('key_inside') : null,
            $this->boolean('is_metal'),
        );
    }

    public function window(): WindowMeasures
    {
        return new WindowMeasures(
            BlindKind::tryFrom($this->string('kind')->toString()),
            $this->number('width_m'),
            $this->number('drop_m'),
            $this->number('depth_mm'),
            $this->boolean('is_in_reveal'),
            Hand::tryFrom($this->string('motor')->toString()),
            $this->boolean('has_cord'),
            $this->boolean('must_tilt'),
            $this->number('bearing'),
            SeenFrom::tryFrom($this->string('seen_from')->toString()),
        );
    }

    protected function prepareForValidation(): void
    {
        $this->takeDecimalCommas(...self::NUMBERS);
    }

    private function number(string $field): ?float
    {
        return $this->filled($field) ? $this->float($field) : null;
    }
}
