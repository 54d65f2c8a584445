<?php

declare(strict_types=1);

namespace App\Http\Requests\Survey;

use App\Floorplan\PlanEditRefused;
use App\Floorplan\Subject;
use Illuminate\Validation\Rule;
use Kavvel\Core\Cabling\CableKind;
use Kavvel\Core\Cabling\WiredPoint;
use Kavvel\Core\Floorplan\Construction;
use Kavvel\Core\Floorplan\Edit;
use Kavvel\Core\Floorplan\Edits\AddStorey;
use Kavvel\Core\Floorplan\FloorKind;
use Kavvel\Core\Floorplan\OpeningKind;
use Kavvel\Core\Floorplan\Plan;
use Kavvel\Core\Floorplan\RoomKind;
use Kavvel\Core\Floorplan\RoomMeasure;
use Kavvel\Core\Input\InvalidInput;

/** One change to the plan as its form, or the script that drags, sends it. Lengths in metres. */
final class PlanEditRequest extends RoomsRequest
{
    /** What each edit needs, and where what it changes is kept. */
    private const EDITS = [
        'add-room' => [null, ['storey', 'measured', 'kind']],
        'move-room' => ['rooms', ['room', 'dx', 'dy']],
        'resize-room' => ['rooms', ['room', 'width', 'depth']],
        'cut-corner' => ['rooms', ['room', 'corner', 'across', 'down']],
        'change-room' => ['rooms', ['room', 'name', 'code', 'kind', 'room_height']],
        'remove-room' => ['rooms', ['room']],
        'move-wall' => ['walls', ['wall', 'by']],
        'change-wall' => ['walls', ['wall', 'construction', 'layers', 'label']],
        'put-opening' => ['walls', ['wall', 'number', 'opening', 'offset', 'opening_width', 'sill', 'head']],
        'remove-opening' => ['walls', ['wall', 'opening_number']],
        'add-storey' => [null, ['name', 'where', 'height', 'floor']],
        'change-storey' => ['storeys', ['storey', 'name', 'height', 'floor', 'outer', 'inner']],
        'remove-storey' => ['storeys', ['storey']],
        'add-riser' => [null, ['name', 'x', 'y', 'storey', 'to']],
        'add-duct' => [null, ['name', 'storey', 'path', 'height']],
        'remove-duct' => ['ducts', ['duct']],
        'add-point' => [null, ['storey', 'x', 'y', 'height', 'purpose']],
        'move-point' => ['points', ['point', 'x', 'y']],
        'change-point' => ['points', ['point', 'purpose', 'cable', 'cable_count']],
        'remove-point' => ['points', ['point']],
        'move-hub' => ['hubs', ['hub', 'storey', 'x', 'y']],
    ];

    private const NUMBERS = [
        'dx', 'dy', 'width', 'depth', 'across', 'down', 'room_height', 'by', 'offset', 'opening_width', 'sill', 'head', 'height', 'x', 'y',
    ];

    private const FARTHEST_M = 500;

    protected function prepareForValidation(): void
    {
        $this->takeDecimalCommas(...self::NUMBERS);
    }

    /** @return array<string, mixed> */
    public function rules(): array
    {
        $number = static fn (float $least, float $most): array => ['required', 'numeric', "between:{$least},{$most}"];
        $far = $number(-self::FARTHEST_M, self::FARTHEST_M);
        $all = [
            'storey' => ['required', 'string', 'max:80'], 'room' => ['required', 'string', 'max:80'],
            'wall' => ['required', 'string', 'max:80'],
            'duct' => ['required', 'string', 'max:80'], 'point' => ['required', 'string', 'max:80'],
            'hub' => ['required', 'string', 'max:80'], 'to' => ['required', 'string', 'max:80'],
            'measured' => ['required', 'string', 'max:120'], 'kind' => ['required', Rule::enum(RoomKind::class)],
            'dx' => $far, 'dy' => $far, 'by' => $far, 'x' => $far, 'y' => $far, 'offset' => $number(0, self::FARTHEST_M),
            'width' => $number(RoomMeasure::NARROWEST_M, RoomMeasure::LONGEST_M),
            'depth' => $number(RoomMeasure::NARROWEST_M, RoomMeasure::LONGEST_M),
            'corner' => ['required', 'integer', 'between:0,500'], 'across' => $number(0.01, RoomMeasure::LONGEST_M),
            'down' => $number(0.01, RoomMeasure::LONGEST_M), 'name' => ['required', 'string', 'max:60', 'regex:/[\pL\pN]/u'],
            'code' => ['required', 'string', 'max:8', 'regex:/^[\pL\pN]+$/u'], 'room_height' => ['nullable', 'numeric', 'between:1,12'],
            'construction' => ['required', Rule::in([...array_column(Construction::cases(), 'value'), 'own'])],
            'layers' => ['required_if:construction,own', 'nullable', 'string', 'max:300'],
            'label' => ['required', 'string', 'max:120', 'regex:/[\pL\pN]/u'],
            'number' => ['nullable', 'integer', 'between:0,100'], 'opening_number' => ['required', 'integer', 'between:0,100'],
            'opening' => ['required', Rule::enum(OpeningKind::class)], 'opening_width' => $number(0.1, 20), 'sill' => $number(0, 12),
            'head' => $number(0.1, 12), 'where' => ['required', Rule::in(AddStorey::PLACES)], 'height' => $number(0, 12),
            'floor' => ['required', Rule::in([...array_column(FloorKind::cases(), 'value'), 'as-is'])],
            'outer' => ['required', Rule::in([...array_column(Construction::cases(), 'value'), 'as-is'])],
            'inner' => ['required', Rule::in([...array_column(Construction::cases(), 'value'), 'as-is'])],
            'path' => ['required', 'string', 'max:2000'], 'purpose' => ['required', 'string', 'max:40', 'regex:/[\pL\pN]/u'],
            'cable' => ['nullable', Rule::in([WiredPoint::NONE, ...array_column(CableKind::cases(), 'value')])],
            'cable_count' => ['nullable', 'integer', 'between:1,48'],
        ];
        $needed = is_string($this->input('edit')) ? self::EDITS[$this->input('edit')][1] ?? [] : [];

        return [
            'edit' => ['required', Rule::in(array_keys(self::EDITS))],
            'seen' => ['nullable', 'string', 'max:12'],
            ...array_intersect_key($all, array_flip($needed)),
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'measured.required' => 'Type the room as you measured it, for example “kitchen 4.2 x 3.6, h 2.4”.',
            'layers.required_if' => 'Say which layers the wall has, for example “plasterboard 12.5, brick 100”.',
            'name.regex' => 'A name has at least one letter or digit.',
            'code.regex' => 'A code has letters and digits only.',
            'x.required' => 'Touch its place on the plan, or type x and y in metres.',
            'y.required' => 'Touch its place on the plan, or type x and y in metres.',
        ];
    }

    /** @throws PlanEditRefused */
    public function edit(Plan $plan): Edit
    {
        try {
            return AskedEdit::of($this->string('edit')->toString(), $this, $plan);
        } catch (InvalidInput $refused) {
            throw PlanEditRefused::bad('measured', $refused);
        }
    }

    /** What is changed, as it looked to who changes it. */
    public function subject(): ?Subject
    {
        [$section] = self::EDITS[$this->string('edit')->toString()];
        $key = $section === null ? '' : $this->string(rtrim($section, 's'))->toString();

        return $section === null || ! $this->filled('seen') ? null : new Subject($section, $key, $this->string('seen')->toString());
    }

    public function back(): string
    {
        if ($this->input('edit') === 'change-point') {
            return route('jobs.survey', ['job' => $this->siteJob(), 'lens' => 'cables', 'at' => $this->input('point')]);
        }

        return $this->input('edit') === 'move-hub'
            ? route('jobs.survey', [...$this->roomsLens($this->string('radio')->toString() ?: null), 'lens' => 'radio'])
            : route('jobs.survey', $this->roomsLens($this->chosen()));
    }

    /** What is in hand after the edit: what it was about, unless it is gone. */
    private function chosen(): ?string
    {
        $edit = $this->string('edit')->toString();
        if ($edit === 'add-room') {
            return 'new';
        }
        [$section] = self::EDITS[$edit];

        return $section === null || str_starts_with($edit, 'remove-') && $edit !== 'remove-opening'
            ? null
            : rtrim($section, 's').' '.$this->string(rtrim($section, 's'));
    }
}
