<?php

declare(strict_types=1);

namespace App\Http\Requests\Survey;

use App\Http\Requests\JobRequest;
use App\Models\Profile;
use App\Models\Slot;
use App\Plan\Geometry;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;
use Kavvel\Core\Protocol\Protocol;
use Kavvel\Core\Radio\Mounting;
use Kavvel\Core\Site\Vec3;

/**
 * A slot as its form sends it. The position must lie in the room, in metres of the plan.
 *
 * @phpstan-import-type RoomRow from Geometry
 */
final class SlotRequest extends JobRequest
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
            'behind' => ['nullable', 'string', 'max:80'],
            'mounting' => ['required', Rule::enum(Mounting::class)],
            'feed' => ['nullable', 'string', 'max:120'],
            'note' => ['nullable', 'string', 'max:200'],
            'lock_version' => [Rule::requiredIf($this->isMethod('put')), 'integer'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'what.required' => 'Say what the device is, for example “relay”.',
            'x.required' => 'Give its place on the plan: x in metres.',
            'y.required' => 'Give its place on the plan: y in metres.',
            'height.max' => 'The height is above the floor of its storey, 6 m at most.',
        ];
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
            } else {
                $this->checkPlace($validator, $room);
            }
            if (! Profile::query()->where('key', $this->string('profile'))->exists()) {
                $validator->errors()->add('profile', 'There is no such profile in the catalogue.');
            } else {
                $this->checkBridge($validator);
            }
        };
    }

    /** @return array<string, mixed> columns of the slot */
    public function values(): array
    {
        $room = $this->room() ?? abort(422);
        $place = $this->place($room);

        return [
            'place' => $this->string('place')->squish()->toString(),
            'what' => $this->string('what')->squish()->toString(),
            'room_id' => $room['id'],
            'profile_id' => Profile::query()->where('key', $this->string('profile'))->value('id'),
            'behind_id' => $this->bridge()?->id,
            'x' => $place->x,
            'y' => $place->y,
            'z' => $place->z,
            'mounting' => $this->string('mounting')->toString(),
            'feed' => $this->string('feed')->squish()->toString() ?: null,
            'note' => $this->string('note')->squish()->toString() ?: null,
        ];
    }

    /**
     * The room that was chosen is kept, a device in its walls included; a place in another room is a contradiction.
     *
     * @param  RoomRow  $room
     */
    private function checkPlace(Validator $validator, array $room): void
    {
        $geometry = Geometry::of($this->siteJob());
        $id = $this->roomOfPlace($room);
        if ($id === $room['id']) {
            return;
        }
        $place = "x {$this->input('x')} m, y {$this->input('y')} m";
        $validator->errors()->add('x', $id === null
            ? "{$place} lies outside every room of that storey."
            : "{$place} lies in the {$geometry->roomTitle($geometry->rooms[$id])}, and {$geometry->roomTitle($room)} was chosen. "
                .'Choose that room, or another place.');
    }

    private function checkBridge(Validator $validator): void
    {
        $own = Profile::query()->where('key', $this->string('profile'))->firstOrFail()->core($this->siteJob()->region);
        if (! $this->filled('behind')) {
            if ($own->isBridged) {
                $way = 'plan its bridge, and say that it is behind it.';
                $validator->errors()->add('behind', "The {$own->name} comes in behind a bridge only: {$way}");
            }

            return;
        }
        $changed = $this->route('slot');
        $bridge = $this->bridge();
        $isBridge = $bridge?->profile()->firstOrFail()->core($this->siteJob()->region)->can('bridge') === true;
        if ($bridge === null || ! $isBridge || $changed instanceof Slot && $changed->id === $bridge->id) {
            $validator->errors()->add('behind', 'There is no such bridge on the plan any more. Open the page again.');
        } elseif ($own->can('bridge') || $own->protocol !== Protocol::Matter) {
            $validator->errors()->add('behind', 'Behind a bridge a device comes in over Matter: choose a Matter profile for it.');
        }
    }

    private function bridge(): ?Slot
    {
        return $this->filled('behind') ? $this->siteJob()->slots()->where('key', $this->string('behind'))->first() : null;
    }

    /** @param array{id: int, storey: string} $room */
    private function roomOfPlace(array $room): ?int
    {
        return Geometry::of($this->siteJob())->roomFor($room['id'], $this->place($room));
    }

    /** @param array{storey: string} $room */
    private function place(array $room): Vec3
    {
        $elevation = Geometry::of($this->siteJob())->storey($room['storey'])['elevation'] ?? 0.0;

        return new Vec3((float) $this->input('x'), (float) $this->input('y'), $elevation + (float) $this->input('height'));
    }

    /** @return RoomRow|null */
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
