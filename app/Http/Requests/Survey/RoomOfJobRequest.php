<?php

declare(strict_types=1);

namespace App\Http\Requests\Survey;

use App\Http\Requests\JobRequest;
use App\Models\Room;

/** Something in a room of the job. */
final class RoomOfJobRequest extends JobRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['room' => ['required', 'string', $this->existsInJob('rooms')]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['room.exists' => 'That room is no longer on the plan. Choose another.'];
    }

    public function room(): Room
    {
        return $this->siteJob()->rooms()->where('key', $this->string('room')->toString())->firstOrFail();
    }
}
