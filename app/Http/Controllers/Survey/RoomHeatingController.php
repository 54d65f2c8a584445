<?php

declare(strict_types=1);

namespace App\Http\Controllers\Survey;

use App\Http\Requests\Survey\RoomHeatingRequest;
use App\Models\Room;
use App\Models\SiteJob;
use App\Stations\Survey\Wiring\Heatings;
use Illuminate\Http\RedirectResponse;

/** How a room is heated. */
final class RoomHeatingController
{
    public function update(RoomHeatingRequest $request, SiteJob $job, Room $room, Heatings $heatings): RedirectResponse
    {
        $kind = $request->kind();
        $kind === null ? $heatings->drop($job, $room, $request->person()) : $heatings->note(
            $job,
            $room,
            $kind,
            $request->integer('loops'),
            $request->float('watts'),
            $request->boolean('hides_thermostat'),
            $request->person(),
        );

        return redirect()->route('jobs.survey', ['job' => $job, 'lens' => 'heating', 'at' => $room->key], 303);
    }
}
