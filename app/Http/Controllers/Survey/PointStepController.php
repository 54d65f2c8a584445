<?php

declare(strict_types=1);

namespace App\Http\Controllers\Survey;

use App\Http\Requests\Survey\PointStepRequest;
use App\Models\PointStep;
use App\Models\SiteJob;
use App\Stations\Survey\Wiring\Closings;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Storage;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** What was done to a point. */
final class PointStepController
{
    /** The photograph of a step. */
    public function show(SiteJob $job, PointStep $pointStep): StreamedResponse
    {
        abort_if($pointStep->picture === null, 404);

        return Storage::disk('local')->response($pointStep->picture, headers: ['Content-Type' => 'image/jpeg']);
    }

    public function store(PointStepRequest $request, SiteJob $job, Closings $closings): RedirectResponse
    {
        $point = $request->string('point')->toString();
        $closings->stepDone($job, $point, $request->step(), $request->picture(), $request->person());

        return redirect($request->back(), 303);
    }

    public function destroy(PointStepRequest $request, SiteJob $job, Closings $closings): RedirectResponse
    {
        $closings->stepUndone($job, $request->string('point')->toString(), $request->step(), $request->person());

        return redirect($request->back(), 303);
    }
}
