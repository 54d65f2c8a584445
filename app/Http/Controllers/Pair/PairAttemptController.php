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
        $pairAttempt->update(['saw_light' => $request->boolean('saw_light')]);
        $slot = $pairAttempt->slot()->firstOrFail();
        $logbook->write($job, $request->person(), 'pair', $request->boolean('saw_light') ? "The {$slot->title()} shows its light." : "The {$slot->title()} shows no light.", $slot);

        return redirect()->route('jobs.pair', ['job' => $job, 'light' => $request->boolean('saw_light') ? null : 'none'], 303);
    }
}
