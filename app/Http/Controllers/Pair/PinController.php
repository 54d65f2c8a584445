<?php

declare(strict_types=1);

namespace App\Http\Controllers\Pair;

use App\Http\Requests\Pair\PinRequest;
use App\Models\PairAttempt;
use App\Models\SiteJob;
use App\Stations\Pair\Pins;
use Illuminate\Http\RedirectResponse;

/** What the sticker of a Z-Wave device begins with, asked for in the middle of inclusion. */
final class PinController
{
    public function store(PinRequest $request, SiteJob $job, PairAttempt $pairAttempt, Pins $pins): RedirectResponse
    {
        $pins->give($job, $pairAttempt, $request->pin(), $request->person());

        return redirect()->route('jobs.pair', ['job' => $job, 'next' => $pairAttempt->slot()->value('key')], 303);
    }
}
