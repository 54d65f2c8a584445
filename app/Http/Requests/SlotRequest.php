<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Profile;
use App\Plan\Geometry;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;
use Kavvel\Core\Radio\Mounting;

/** A slot as its form sends it. The position must lie in the room, in metres of the plan. */
final class SlotRequest extends PersonRequest
{
    private const HIGHEST_M = 6.0;

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'place' => ['nullable', 'string', 'max:60'],
            'what' => ['required', 'string', 'max:60'],
            'room' => ['required', 'string'],
            'profile' => ['required', 'string'],
            'x' => ['required', 'numeric'],
            'y' => ['required', 'numeric'],
            'height' => ['required', 'numeric', 'min:0', 'max:'.self::HIGHEST_M],
            'mounting' => ['required', Rule::enum(Mounting::class)],
            'feed' => ['nullable', 'string', 'max:120'],
            'note' => ['nullable', 'string', 'max:200'],
            'lock_version' => [Rule::requiredIf($this->isMethod('put')), 'integer'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['what.required' => 'Say what the device is, for example “relay”.', 'x.required' => 'Give its place on the plan: x in metres.', 'y.required' => 'Give its place on the plan: y in metres.',
            'height.max' => 'The height is above the floor of its storey, 6 m at most.'];
    }

    public function after(): callable
    {
        return function (Validator $validator): void {
            if ($validator->errors()->isNotEmpty()) {
                return;
            }
            $room = $this->room();
            if ($room === null) {
                $validator->errors()->add('room', 'There is no such room on the plan.');
            } elseif (Geometry::of($this->siteJob())->roomAt($room['storey'], (float) $this->input('x'), (float) $this->input('y')) === null) {
                $validator->errors()->add('x', "x {$this->input('x')} m, y {$this->input('y')} m lies outside every room of that storey.");
            }
            if (! Profile::query()->where('key', $this->string('profile'))->exists()) {
                $validator->errors()->add('profile', 'There is no such profile in the catalogue.');
            }
        };
    }

    /** @return array<string, mixed> columns of the slot; where the position lies in another room of the storey, that room wins */
    public function values(): array
    {
        $geometry = Geometry::of($this->siteJob());
        $room = $this->room() ?? abort(422);
        $elevation = $geometry->storey($room['storey'])['elevation'] ?? 0.0;

        return [
            'place' => $this->string('place')->squish()->toString(),
            'what' => $this->string('what')->squish()->toString(),
            'room_id' => $geometry->roomAt($room['storey'], (float) $this->input('x'), (float) $this->input('y')) ?? $room['id'],
            'profile_id' => Profile::query()->where('key', $this->string('profile'))->value('id'),
            'x' => (float) $this->input('x'),
            'y' => (float) $this->input('y'),
            'z' => $elevation + (float) $this->input('height'),
            'mounting' => $this->string('mounting')->toString(),
            'feed' => $this->string('feed')->squish()->toString() ?: null,
            'note' => $this->string('note')->squish()->toString() ?: null,
        ];
    }

    /** @return array{id: int, key: string, storey: string, name: string, code: string, outline: list<array{float, float}>}|null */
    private function room(): ?array
    {
        foreach (Geometry::of($this->siteJob())->rooms as $room) {
            if ($room['key'] === $this->string('room')->toString()) {
                return $room;
            }
        }

        return null;
    }
}
