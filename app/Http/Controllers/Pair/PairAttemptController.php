<?php

declare(strict_types=1);

namespace App\Http\Controllers\Pair;

use App\Http\Requests\Pair\PairAttemptRequest;
use App\Logbook\Logbook;
use App\Models\PairAttempt;
use App\Models\SiteJob;
use Illuminate\Http\RedirectResponse;

final class PairAttemptController
{
    /** What only a person can see: whether the light shows that the device waits. */
    public function update(PairAttemptRequest $request, SiteJob $job, PairAttempt $pairAttempt, Logbook $logbook): RedirectResponse
    {
        $light = $request->light();
        $pairAttempt->update(['light' => $light, 'light_at' => now()]);
        $slot = $pairAttempt->slot()->firstOrFail();
        $logbook->write($job, $request->person(), 'pair', "The {$slot->title()} {$light->words()}.", $slot);

        return redirect()->route('jobs.pair', ['job' => $job, 'next' => $slot->key], 303);
    }
}
