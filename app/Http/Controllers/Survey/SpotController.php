<?php

declare(strict_types=1);

namespace App\Http\Controllers\Survey;

use App\Http\Requests\Survey\SpotRequest;
use App\Models\SiteJob;
use App\Stations\Survey\UsualSpot;
use Illuminate\View\View;

/** Where a device usually goes, as a piece of the form that asks for it. */
final class SpotController
{
    public function __invoke(SpotRequest $request, SiteJob $job, UsualSpot $spots): View
    {
        $spot = $spots->of($job, $request->string('room')->toString(), $request->profile()) ?? abort(404);

        return view('forms.spot', $spot);
    }
}
