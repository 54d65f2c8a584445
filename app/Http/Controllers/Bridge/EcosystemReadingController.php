<?php

declare(strict_types=1);

namespace App\Http\Controllers\Bridge;

use App\Http\Requests\Bridge\PlaceReadingRequest;
use App\Models\Ecosystem;
use App\Models\SiteJob;
use App\Stations\Bridge\Asking;
use Illuminate\Http\RedirectResponse;

/** What an ecosystem shows is read there. */
final class EcosystemReadingController
{
    public function store(PlaceReadingRequest $request, SiteJob $job, Ecosystem $ecosystem, Asking $asking): RedirectResponse
    {
        $asking->read($ecosystem);

        return redirect($request->back(), 303);
    }
}
