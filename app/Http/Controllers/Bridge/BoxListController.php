<?php

declare(strict_types=1);

namespace App\Http\Controllers\Bridge;

use App\Http\Requests\Bridge\BoxListRequest;
use App\Models\BridgeBox;
use App\Models\SiteJob;
use App\Stations\Bridge\Asking;
use Illuminate\Http\RedirectResponse;

/** The list of what a box shows. */
final class BoxListController
{
    public function update(BoxListRequest $request, SiteJob $job, BridgeBox $bridgeBox, Asking $asking): RedirectResponse
    {
        $asking->makeListRight($bridgeBox, $request->string('form')->toString(), $request->person());

        return redirect()->route('jobs.bridge', $job, 303);
    }
}
