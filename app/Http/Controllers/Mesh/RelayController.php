<?php

declare(strict_types=1);

namespace App\Http\Controllers\Mesh;

use App\Http\Requests\Mesh\RelayRequest;
use App\Models\SiteJob;
use App\Stations\Survey\SlotEditor;
use Illuminate\Http\RedirectResponse;

final class RelayController
{
    /** Adds the advised relay to the work, as a slot at its point. */
    public function store(RelayRequest $request, SiteJob $job, SlotEditor $editor): RedirectResponse
    {
        $slot = $editor->addRelay($job, $request->point(), $request->protocol(), $request->person());

        return $request->isFromSurvey()
            ? redirect()->route('jobs.survey', ['job' => $job, 'lens' => 'radio', 'at' => $request->protocol()->value], 303)
            : redirect()->route('jobs.pair', ['job' => $job, 'next' => $slot->key], 303);
    }
}
