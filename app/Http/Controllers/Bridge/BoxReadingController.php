<?php

declare(strict_types=1);

namespace App\Http\Controllers\Bridge;

use App\Http\Requests\Bridge\PlaceReadingRequest;
use App\Models\BridgeBox;
use App\Models\SiteJob;
use App\Stations\Bridge\Asking;
use Illuminate\Http\RedirectResponse;

/** What runs on a box is read there. */
final class BoxReadingController
{
    public function store(PlaceReadingRequest $request, SiteJob $job, BridgeBox $bridgeBox, Asking $asking): RedirectResponse
    {
        $asking->read($bridgeBox);

        return redirect($request->back(), 303);
    }
}
