<?php

declare(strict_types=1);

namespace App\Http\Controllers\Name;

use App\Http\Requests\Name\ReferenceRequest;
use App\Models\SiteJob;
use App\Models\Slot;
use App\Settings\ReferenceChecks;
use Illuminate\Http\RedirectResponse;

/** A sensor beside a reference. */
final class ReferenceController
{
    public function store(ReferenceRequest $request, SiteJob $job, Slot $slot, ReferenceChecks $checks): RedirectResponse
    {
        $words = $checks->note(
            $job,
            $slot,
            $request->measured(),
            $request->float('said'),
            $request->float('reference'),
            $request->boolean('settled'),
            $request->string('by')->squish()->toString(),
            $request->person(),
        );

        return redirect($request->backToSlot($slot), 303)->with('saved', $words);
    }
}
