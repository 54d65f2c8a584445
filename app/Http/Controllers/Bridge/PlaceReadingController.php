<?php

declare(strict_types=1);

namespace App\Http\Controllers\Bridge;

use App\Http\Requests\Bridge\PlaceReadingRequest;
use App\Models\BridgeBox;
use App\Models\Ecosystem;
use App\Models\SiteJob;
use App\Stations\Bridge\Asking;
use Illuminate\Http\RedirectResponse;

/** Ecosystems and boxes are read over their links: what shows there, and what runs on them. */
final class PlaceReadingController
{
    public function __construct(private readonly Asking $asking) {}

    public function ecosystem(PlaceReadingRequest $request, SiteJob $job, Ecosystem $ecosystem): RedirectResponse
    {
        $this->asking->read($ecosystem);

        return redirect($request->back(), 303);
    }

    public function box(PlaceReadingRequest $request, SiteJob $job, BridgeBox $bridgeBox): RedirectResponse
    {
        $this->asking->read($bridgeBox);

        return redirect($request->back(), 303);
    }
}
