<?php

declare(strict_types=1);

namespace App\Http\Controllers\Name;

use App\Http\Requests\Name\CarryRequest;
use App\Matching\Carrying;
use App\Models\SiteJob;
use App\Models\Slot;
use Illuminate\Http\RedirectResponse;

/** The device of another slot is the one of this. */
final class CarryController
{
    public function update(CarryRequest $request, SiteJob $job, Slot $slot, Carrying $carrying): RedirectResponse
    {
        $into = $request->into($slot);
        $carrying->carry($job, $request->from($slot), $into, $request->person());

        return redirect()->route('jobs.name', [$job, 'lens' => 'who', 'slot' => $into->key], 303);
    }
}
