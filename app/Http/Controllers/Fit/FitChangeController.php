<?php

declare(strict_types=1);

namespace App\Http\Controllers\Fit;

use App\Http\Requests\Fit\FitChangeRequest;
use App\Models\SiteJob;
use App\Models\Slot;
use App\Stations\Fit\Boxes;
use Illuminate\Http\RedirectResponse;

/** What is changed so that a device fits. */
final class FitChangeController
{
    public function store(FitChangeRequest $request, SiteJob $job, Slot $slot, Boxes $boxes): RedirectResponse
    {
        $change = $request->change();
        match ($change) {
            'dims', 'does-not-dim' => $boxes->dimmed($job, $slot, $change === 'dims', $request->person()),
            default => $boxes->change($job, $slot, $change === 'spacer', $change === 'bypass', $request->person()),
        };

        return redirect($request->backToCard($slot), 303);
    }
}
