<?php

declare(strict_types=1);

namespace App\Http\Controllers\Survey;

use App\Http\Requests\Survey\RoomRequest;
use App\Models\SiteJob;
use App\Stations\Survey\RoomEditor;
use Illuminate\Http\RedirectResponse;

final class RoomController
{
    public function store(RoomRequest $request, SiteJob $job, RoomEditor $editor): RedirectResponse
    {
        $room = $editor->add($job, $request->storey(), $request->measured(), $request->person());

        return redirect()->route('jobs.survey', ['job' => $job, 'storey' => $room->storey->key], 303);
    }
}
