<?php

declare(strict_types=1);

namespace App\Http\Controllers\Pair;

use App\Http\Requests\Pair\LearnKeyRequest;
use App\Models\SiteJob;
use App\Models\Slot;
use App\Stations\Pair\Teaching;
use Illuminate\Http\RedirectResponse;

/** Keys of a remote, taught one at a time. */
final class LearnKeyController
{
    public function store(LearnKeyRequest $request, SiteJob $job, Slot $slot, Teaching $teaching): RedirectResponse
    {
        $teaching->add($job, $slot, $request->key(), $request->boolean('toggles'), $request->person());

        return $this->back($job);
    }

    public function update(LearnKeyRequest $request, SiteJob $job, Slot $slot, Teaching $teaching): RedirectResponse
    {
        $teaching->act($job, $slot, $request->key(), $request->act(), $request->person());

        return $this->back($job);
    }

    public function destroy(LearnKeyRequest $request, SiteJob $job, Slot $slot, Teaching $teaching): RedirectResponse
    {
        $teaching->drop($job, $slot, $request->key(), $request->person());

        return $this->back($job);
    }

    private function back(SiteJob $job): RedirectResponse
    {
        return redirect()->route('jobs.pair', ['job' => $job, 'lens' => 'teach'], 303);
    }
}
