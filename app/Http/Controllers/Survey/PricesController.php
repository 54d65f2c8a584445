<?php

declare(strict_types=1);

namespace App\Http\Controllers\Survey;

use App\Http\Requests\Survey\PricesRequest;
use App\Models\SiteJob;
use App\Stations\Survey\Wiring\Heatings;
use Illuminate\Http\RedirectResponse;

/** What things cost on a job. */
final class PricesController
{
    public function update(PricesRequest $request, SiteJob $job, Heatings $heatings): RedirectResponse
    {
        $heatings->price($job, $request->prices(), $request->person());

        return redirect($request->back(), 303);
    }
}
